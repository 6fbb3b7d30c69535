import { type QueryClient, useQuery, useQueryClient } from '@tanstack/react-query';
import { type Session, sessionSchema } from '@fulcra/contract';
import { type ReactNode, createContext, useContext, useEffect, useMemo, useState } from 'react';
import { Refused } from './api-client';
import { api } from './api';
import { type Sync } from './sync/create-sync';
import { dayPhotos } from './sync/photo-store';
import { type Owner } from './sync/waiting';
import { forgetAllDrafts } from './use-draft';
import { useSync } from './use-sync';

interface SessionValue {
  readonly session: Session;
  readonly signOut: () => Promise<void>;
  /** Only in the demo: everything as it begins, on the server and here. */
  readonly beginAnew: () => Promise<void>;
}
export const SessionContext = createContext<SessionValue | null>(null);

export function useSession(): SessionValue {
  const value = useContext(SessionContext);
  if (value === null) throw new Error('useSession outside of a signedIn screen');
  return value;
}

export const ownerOf = ({ practice, person }: Session): Owner => ({ practiceId: practice.id, personId: person.id });

/** null when the server says nobody is signed in; no answer leaves the last known session standing. */
async function whoAmI(): Promise<Session | null> {
  try {
    return sessionSchema.parse(await api.request('GET', '/api/session'));
  } catch (error) {
    if (error instanceof Refused && error.status === 401) return null;
    throw error;
  }
}

export type Gate =
  | { readonly state: 'starting' }
  | { readonly state: 'signedOut'; readonly offline: boolean; readonly enter: (session: Session) => void }
  | { readonly state: 'signedIn'; readonly value: SessionValue };
export const GateContext = createContext<Gate>({ state: 'starting' });

/** Knows who is signed in. Always renders what is below it, so that the address is never lost while it finds out. */
export function SessionProvider({ children }: { readonly children: ReactNode }) {
  const queries = useQueryClient();
  const sync = useSync();
  const ready = useEntriesReady(sync);
  const query = useQuery({ queryKey: ['session'], queryFn: whoAmI });
  const session = query.data ?? null;
  api.setSession(session);
  useSending(sync, session);
  const gate = useMemo<Gate>(() => {
    if (!ready || (query.data === undefined && query.isPending)) return { state: 'starting' };
    if (session === null) return { state: 'signedOut', offline: query.data === undefined, enter: (next) => enter(queries, sync, next) };
    return { state: 'signedIn', value: { session, signOut: () => signOut(queries), beginAnew: () => beginAnew(queries) } };
  }, [ready, query.data, query.isPending, session, queries, sync]);
  return <GateContext.Provider value={gate}>{children}</GateContext.Provider>;
}

/** What the server said, and the pictures fetched of it, aren't left behind for somebody else. */
function forgetAnswers(queries: QueryClient): void {
  queries.clear();
  void dayPhotos.clear();
}

/** Another practice on the same device starts with nothing remembered of the last one. */
function enter(queries: QueryClient, sync: Sync, next: Session): void {
  const last = localStorage.getItem('fulcra-practice');
  if (last !== null && last !== next.practice.id) forgetAnswers(queries);
  localStorage.setItem('fulcra-practice', next.practice.id);
  api.setSession(next);
  queries.setQueryData(['session'], next);
  void queries.invalidateQueries();
  sync.flushSoon(ownerOf(next));
}

async function signOut(queries: QueryClient): Promise<void> {
  await api.request('DELETE', '/api/session').catch((error: unknown) => {
    if (!(error instanceof Refused)) throw error;
  });
  forgetAnswers(queries);
  queries.setQueryData(['session'], null);
}

async function beginAnew(queries: QueryClient): Promise<void> {
  await api.request('POST', '/api/demo/reset');
  forgetAllDrafts();
  forgetAnswers(queries);
  window.location.assign('/');
}

function useEntriesReady(sync: Sync): boolean {
  const [ready, setReady] = useState(false);
  useEffect(() => void sync.ready().then(() => setReady(true)), [sync]);
  return ready;
}

function useSending(sync: Sync, session: Session | null): void {
  const [practiceId, personId] = [session?.practice.id ?? null, session?.person.id ?? null];
  const token = session?.csrfToken ?? null;
  useEffect(() => {
    if (practiceId === null || personId === null || token === null) return;
    const go = () => sync.flushSoon({ practiceId, personId });
    go();
    window.addEventListener('online', go);
    return () => window.removeEventListener('online', go);
  }, [sync, practiceId, personId, token]);
}
