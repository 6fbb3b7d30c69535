import { type QueryClient } from '@tanstack/react-query';
import { type Session, VIEWS } from '@fulcra/contract';
import { type ReactNode, createContext, useContext, useEffect, useState, useSyncExternalStore } from 'react';
import { v7 } from 'uuid';
import { api } from './api';
import { browserStore } from './sync/browser-store';
import { type Sync, createSync } from './sync/create-sync';
import { type SyncState } from './sync/sync-parts';
import { photoStore } from './sync/photo-store';
import { sendEntries } from './sync/send-entries';
import { type Waiting } from './sync/waiting';
import { knownHorse } from './views/known-horse';
import { applyWrites } from './views/view-folds';

const SyncContext = createContext<Sync | null>(null);

/** The one of this page: kept in its browser, sent through its line, laid into its views. */
function browserSync(queries: QueryClient): Sync {
  return createSync({
    store: browserStore(),
    send: sendEntries(api, photoStore),
    clock: {
      after(ms, run) {
        const timer = setTimeout(run, ms);
        return () => clearTimeout(timer);
      },
    },
    alone: (work) => navigator.locks.request('fulcra-flush', work),
    newId: v7,
    taken: (writes) => {
      const person = queries.getQueryData<Session>(['session'])?.person.name ?? '';
      return applyWrites(queries, writes, { person, horseKnown: (id) => knownHorse(queries, writes, id) });
    },
    caughtUp: () => void queries.invalidateQueries({ predicate: (q) => (VIEWS as readonly unknown[]).includes(q.queryKey[0]) }),
    sessionEnded: () => void queries.invalidateQueries({ queryKey: ['session'] }),
  });
}

export function SyncProvider({ queries, children }: { readonly queries: QueryClient; readonly children: ReactNode }) {
  const [sync] = useState(() => browserSync(queries));
  useEffect(() => () => sync.close(), [sync]);
  return <SyncContext.Provider value={sync}>{children}</SyncContext.Provider>;
}

export function useSync(): Sync {
  const sync = useContext(SyncContext);
  if (sync === null) throw new Error('useSync outside of a SyncProvider');
  return sync;
}

export function useWaiting(): readonly Waiting[] {
  const sync = useSync();
  return useSyncExternalStore(sync.subscribe, sync.waiting);
}

export function useSyncState(): SyncState {
  const sync = useSync();
  return useSyncExternalStore(sync.subscribe, sync.state);
}
