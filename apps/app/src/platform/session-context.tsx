import { type QueryClient, useQuery, useQueryClient } from '@tanstack/react-query';
import { type Session } from '@fulcra/contract';
import { type ReactNode, createContext, useContext, useEffect, useMemo, useState } from 'react';
import { api } from './api';
import { adoptOldDrafts, ownerOf, scopeOf } from './draft-scope';
import { type Unsent } from './leaving/leave-work';
import { type Entered, beginAnew, enter, signOut } from './leaving/sign-out';
import { heardElsewhere, whoAmI } from './leaving/who-am-i';
import { type Sync } from './sync/create-sync';
import { useSync } from './use-sync';

interface SessionValue {
  readonly session: Session;
  /** Leaves nothing readable of this person on this device. @throws where it would not keep what is sealed; then still signed in */
  readonly signOut: (unsent: Unsent, away: () => void) => Promise<void>;
  /** Only in the demo: everything as it begins, on the server and here. */
  readonly beginAnew: () => Promise<void>;
}
export const SessionContext = createContext<SessionValue | null>(null);

export function useSession(): SessionValue {
  const value = useContext(SessionContext);
  if (value === null) throw new Error('useSession outside of a signedIn screen');
  return value;
}

export type Gate =
  | { readonly state: 'starting' }
  | { readonly state: 'signedOut'; readonly offline: boolean; readonly enter: (session: Session) => Promise<Entered> }
  | { readonly state: 'signedIn'; readonly value: SessionValue };
export const GateContext = createContext<Gate>({ state: 'starting' });

/** Knows who is signed in. Always renders what is below it, so that the address is never lost while it finds out. */
export function SessionProvider({ children }: { readonly children: ReactNode }) {
  const queries = useQueryClient();
  const sync = useSync();
  const ready = useEntriesReady(sync);
  const query = useQuery({ queryKey: ['session'], queryFn: () => whoAmI(queries, sync) });
  const session = query.data ?? null;
  api.setSession(session);
  useSending(sync, session);
  useOtherTabs(queries, sync);
  const gate = useMemo<Gate>(() => {
    if (!ready || (query.data === undefined && query.isPending)) return { state: 'starting' };
    if (session === null) return { state: 'signedOut', offline: query.data === undefined, enter: (next) => enter(queries, sync, next) };
    adoptOldDrafts(scopeOf(ownerOf(session)));
    return {
      state: 'signedIn',
      value: {
        session,
        signOut: (unsent, away) => signOut(queries, sync, session, unsent, away),
        beginAnew: () => beginAnew(queries, session),
      },
    };
  }, [ready, query.data, query.isPending, session, queries, sync]);
  return <GateContext.Provider value={gate}>{children}</GateContext.Provider>;
}

function useEntriesReady(sync: Sync): boolean {
  const [ready, setReady] = useState(false);
  useEffect(() => void sync.ready().then(() => setReady(true)), [sync]);
  return ready;
}

/** Somebody signed out or in on another tab: this one shows the same. */
function useOtherTabs(queries: QueryClient, sync: Sync): void {
  useEffect(() => heardElsewhere(queries, sync), [queries, sync]);
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
