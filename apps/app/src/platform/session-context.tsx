import { type QueryClient, useQuery, useQueryClient } from '@tanstack/react-query';
import { type Session, sessionSchema } from '@fulcra/contract';
import { type ComponentType, type ReactNode, createContext, useContext, useEffect, useMemo, useState } from 'react';
import { Refused, request, setSessionToken } from './api-client';
import { flushSoon } from './flush';
import { outbox } from './outbox';
import { SignInScreen } from '../session/sign-in-screen';

interface SessionValue {
  readonly session: Session;
  readonly signOut: () => Promise<void>;
}
const SessionContext = createContext<SessionValue | null>(null);

export function useSession(): SessionValue {
  const value = useContext(SessionContext);
  if (value === null) throw new Error('useSession outside of a signedIn screen');
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

type Gate =
  | { readonly state: 'starting' }
  | { readonly state: 'signedOut'; readonly offline: boolean; readonly enter: (session: Session) => void }
  | { readonly state: 'signedIn'; readonly value: SessionValue };
const GateContext = createContext<Gate>({ state: 'starting' });

/** Knows who is signed in. Always renders what is below it, so that the address is never lost while it finds out. */
export function SessionProvider({ children }: { readonly children: ReactNode }) {
  const queries = useQueryClient();
  const ready = useOutboxReady();
  const query = useQuery({ queryKey: ['session'], queryFn: whoAmI });
  const session = query.data ?? null;
  setSessionToken(session);
  useFlushing(session?.practice.id ?? null);
  const gate = useMemo<Gate>(() => {
    if (!ready || (query.data === undefined && query.isPending)) return { state: 'starting' };
    if (session === null) return { state: 'signedOut', offline: query.data === undefined, enter: (next) => enter(queries, next) };
    return { state: 'signedIn', value: { session, signOut: () => signOut(queries) } };
  }, [ready, query.data, query.isPending, session, queries]);
  return <GateContext.Provider value={gate}>{children}</GateContext.Provider>;
}

/** Another practice on the same device starts with nothing remembered of the last one. */
function enter(queries: QueryClient, next: Session): void {
  const last = localStorage.getItem('fulcra-practice');
  if (last !== null && last !== next.practice.id) queries.clear();
  localStorage.setItem('fulcra-practice', next.practice.id);
  setSessionToken(next);
  queries.setQueryData(['session'], next);
  void queries.invalidateQueries();
  flushSoon(next.practice.id, queries);
}

async function signOut(queries: QueryClient): Promise<void> {
  await request('DELETE', '/api/session').catch((error: unknown) => {
    if (!(error instanceof Refused)) throw error;
  });
  queries.clear();
  queries.setQueryData(['session'], null);
}

/** A screen for those signed in; the sign-in page stands in its place, at its address, until they are. */
export function signedIn<P extends object>(Screen: ComponentType<P>): ComponentType<P> {
  return function SignedIn(props: P) {
    const gate = useContext(GateContext);
    if (gate.state === 'starting') return null;
    if (gate.state === 'signedOut') {
      return <SignInScreen waiting={outbox.waiting().length} offline={gate.offline} onSignedIn={gate.enter} />;
    }
    return (
      <SessionContext.Provider value={gate.value}>
        <Screen {...props} />
      </SessionContext.Provider>
    );
  };
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
