import { type QueryClient } from '@tanstack/react-query';
import { NoAnswer, Refused } from './api-client';
import { absorb } from './absorb';
import { nextToSend } from './next-to-send';
import { type Waiting, outbox } from './outbox';
import { PhotoGone, sendWrite } from './send-write';

export type FlushState = 'idle' | 'sending' | 'noSignal' | 'signedOut';

let state: FlushState = 'idle';
const listeners = new Set<() => void>();
const become = (next: FlushState): void => {
  state = next;
  listeners.forEach((listen) => listen());
};

export const flushState = {
  now: (): FlushState => state,
  subscribe(listen: () => void): () => void {
    listeners.add(listen);
    return () => listeners.delete(listen);
  },
};

/** What is shown of the server; an answer under way is older than the write just taken. */
const VIEWS: readonly string[] = ['horses', 'horse', 'visit', 'riders', 'saddles', 'saddle-photos', 'tracings'];

const LEAST_WAIT_MS = 1000;
const MOST_WAIT_MS = 6_000;
let waitMs = LEAST_WAIT_MS;
let timer: ReturnType<typeof setTimeout> | null = null;

/** Sends what waits, oldest first, from one tab at a time; comes back by itself while something is left. */
export async function flush(practiceId: string, queries: QueryClient): Promise<void> {
  await outbox.ready();
  await navigator.locks.request('fulcra-flush', async () => {
    await outbox.refresh();
    let taken = 0;
    for (;;) {
      const next = nextToSend(outbox.waiting(), practiceId);
      if (next === undefined) break;
      become('sending');
      if (!(await sent(next, queries))) {
        retryLater(practiceId, queries);
        return;
      }
      taken++;
    }
    waitMs = LEAST_WAIT_MS;
    become('idle');
    if (taken > 0) void queries.invalidateQueries({ predicate: (q) => VIEWS.includes(String(q.queryKey[0])) });
  });
}

/** @returns false when it should be tried again later */
async function sent(entry: Waiting, queries: QueryClient): Promise<boolean> {
  try {
    await sendWrite(entry.write);
    await queries.cancelQueries({ predicate: (q) => VIEWS.includes(String(q.queryKey[0])) });
    absorb(queries, entry.write);
    await outbox.drop(entry.id);
    return true;
  } catch (error) {
    if (error instanceof Refused && error.status === 401) return becameUnsent('signedOut');
    if (error instanceof NoAnswer || (error instanceof Refused && [403, 429, 500, 503].includes(error.status)))
      return becameUnsent('noSignal');
    if (error instanceof PhotoGone) {
      await outbox.mark(entry.id, {
        message: 'This picture is no longer on this device.',
        remedy: 'Let it go, or take it again.',
      });
      return true;
    }
    if (!(error instanceof Refused)) throw error;
    if (error.reply.code === 'PHOTO_BROKEN' || error.reply.code === 'PHOTO_PIECE_OUT_OF_PLACE') return becameUnsent('noSignal');
    const problems = error.reply.problems?.map((p) => p.code).join(', ');
    await outbox.mark(entry.id, {
      message: problems ? `${error.reply.message} (${problems})` : error.reply.message,
      remedy: error.reply.remedy,
      ...(error.reply.clash && { clash: error.reply.clash }),
    });
    return true;
  }
}

function becameUnsent(next: FlushState): false {
  become(next);
  return false;
}

function retryLater(practiceId: string, queries: QueryClient): void {
  if (state === 'signedOut') {
    void queries.invalidateQueries({ queryKey: ['session'] });
    return;
  }
  if (timer !== null) clearTimeout(timer);
  timer = setTimeout(() => void flush(practiceId, queries), waitMs);
  waitMs = Math.min(MOST_WAIT_MS, waitMs * 2);
}

/** Signal came back, or the person signed in again: don't wait for the timer. */
export function flushSoon(practiceId: string, queries: QueryClient): void {
  waitMs = LEAST_WAIT_MS;
  become('idle');
  void flush(practiceId, queries);
}
