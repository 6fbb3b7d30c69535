import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type Session, sessionSchema } from '@fulcra/contract';
import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import { Refused, request, setSessionToken } from '../sync/api-client';
import { flushSoon } from '../sync/flush';
import { outbox } from '../sync/outbox';
import { SignInScreen } from './sign-in-screen';

interface SessionValue {
  readonly session: Session;
  readonly signOut: () => Promise<void>;
}
const SessionContext = createContext<SessionValue | null>(null);

export function useSession(): SessionValue {
  const value = useContext(SessionContext);
  if (value === null) throw new Error('useSession outside of SessionGate');
  return value;
}

/** null when the server says nobody is signed in; no answer leaves the last known session standing. */
async function whoAmI(): Promise<Session | null> {
  try {
    return sessionSchema.parse(await request('GET', '/api/session'));
  } catch (error) {
    if (error instanceof Refused && error.status === 401) return null;
    throw error;
  }
}

/** Shows the sign-in page in place, at whatever address, so that signing in again comes back to the same screen. */
export function SessionGate({ children }: { readonly children: ReactNode }) {
  const queries = useQueryClient();
  const ready = useOutboxReady();
  const query = useQuery({ queryKey: ['session'], queryFn: whoAmI });
  const session = query.data ?? null;
  setSessionToken(session);
  useFlushing(session?.practice.id ?? null);
  if (!ready || (query.data === undefined && query.isPending)) return null;
  if (session === null) {
    return <SignInScreen waiting={outbox.waiting().length} offline={query.data === undefined} onSignedIn={(next) => enter(next)} />;
  }
  function enter(next: Session): void {
    const last = localStorage.getItem('fulcra-practice');
    if (last !== null && last !== next.practice.id) queries.clear();
    localStorage.setItem('fulcra-practice', next.practice.id);
    setSessionToken(next);
    queries.setQueryData(['session'], next);
    void queries.invalidateQueries();
    flushSoon(next.practice.id, queries);
  }
  const signOut = async () => {
    await request('DELETE', '/api/session').catch((error: unknown) => {
      if (!(error instanceof Refused)) throw error;
    });
    queries.clear();
    queries.setQueryData(['session'], null);
  };
  return <SessionContext.Provider value={{ session, signOut }}>{children}</SessionContext.Provider>;
}

function useOutboxReady(): boolean {
  const [ready, setReady] = useState(false);
  useEffect(() => void outbox.ready().then(() => setReady(true)), []);
  return ready;
}

function useFlushing(practiceId: string | null): void {
  const queries = useQueryClient();
  useEffect(() => {
    if (practiceId === null) return;
    const go = () => flushSoon(practiceId, queries);
    go();
    window.addEventListener('online', go);
    return () => window.removeEventListener('online', go);
  }, [practiceId, queries]);
}
