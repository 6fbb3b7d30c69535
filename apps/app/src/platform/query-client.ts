import { type Query, QueryClient } from '@tanstack/react-query';
import { createAsyncStoragePersister } from '@tanstack/query-async-storage-persister';
import { milliseconds } from 'date-fns';
import { createStore, del, get, set } from 'idb-keyval';
import { Refused } from './api-client';

const WEEK_MS = milliseconds({ weeks: 1 });

/** What the server last said, kept in the browser for a barn without signal. */
export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      networkMode: 'always',
      // Never by a timer: a browser's timers run over after 25 days and then go off at once, before any screen has asked.
      gcTime: Infinity,
      staleTime: 5_000,
      retry: (count, error) => !(error instanceof Refused) && count < 1,
    },
  },
});

const store = createStore('fulcra-queries', 'cache');

const persister = createAsyncStoragePersister({
  storage: {
    getItem: async (key) => (await get<string>(key, store)) ?? null,
    setItem: (key, value) => set(key, value, store),
    removeItem: (key) => del(key, store),
  },
  throttleTime: 300,
});

/** Answers to a question asked in passing, which nobody looks up again. */
const PASSING: readonly unknown[] = ['ranking'];

/** What was once answered is kept, though the last asking failed: that is what it is like to be without signal. */
const wasAnswered = (query: Query): boolean => query.state.data !== undefined && !PASSING.includes(query.queryKey[0]);

/** Counted up whenever what is kept of an answer changes its shape: what an earlier release kept is then asked anew. */
const SHAPE = 'v6';

/** What was answered stays this long on a device that isn't opened. */
export const KEPT_MS = 4 * WEEK_MS;

export const PERSIST = { persister, maxAge: KEPT_MS, buster: SHAPE, dehydrateOptions: { shouldDehydrateQuery: wasAnswered } };
