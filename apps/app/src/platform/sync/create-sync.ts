import { type Write } from '@fulcra/contract';
import { MOST_FAILURES, SET_ASIDE, type Outcome, type Trouble, countsAgainst } from './outcome';
import { type Owner, type Waiting, carriedOver, inOrder, nextToSend, replacedBy } from './waiting';

/** Where entries are kept on this device; every tab sees the same. */
export interface SyncStore {
  load(): Promise<readonly Waiting[]>;
  put(entries: readonly Waiting[]): Promise<void>;
  drop(ids: readonly string[]): Promise<void>;
  /** Another tab changed it. @returns how to stop listening */
  onChange(listen: () => void): () => void;
}

export interface SyncParts {
  readonly store: SyncStore;
  /** Sends entries in their order and says of each what became of it; may answer for fewer, or throw. */
  readonly send: (entries: readonly Waiting[]) => Promise<readonly Outcome[]>;
  readonly clock: { after(ms: number, run: () => void): () => void };
  /** One tab at a time. */
  readonly alone: (work: () => Promise<void>) => Promise<void>;
  readonly newId: () => string;
  /** The server has taken these, in order. */
  readonly taken: (writes: readonly Write[]) => Promise<void> | void;
  /** Nothing waits any more, after some were taken. */
  readonly caughtUp: () => void;
  /** The session has to be asked for again. */
  readonly sessionEnded: () => void;
}

export type SyncState = 'idle' | 'sending' | Trouble;

/** What waits on this device, and its way to the server. */
export interface Sync {
  /** Reads what was kept before; nothing is shown until then. */
  ready(): Promise<void>;
  waiting(): readonly Waiting[];
  state(): SyncState;
  subscribe(listen: () => void): () => void;
  /** On the disk before it counts as entered. @throws where this device would not keep it */
  add(owner: Owner, write: Write): Promise<void>;
  drop(id: string): Promise<void>;
  /** Ready to be sent again, with another body where one is given. */
  again(id: string, write?: Write): Promise<void>;
  /** Sends what this person entered, oldest first; comes back by itself while something is left. Never rejects. */
  flush(owner: Owner): Promise<void>;
  /** Signal came back, or the person signed in again: doesn't wait for the timer. */
  flushSoon(owner: Owner): void;
  /** Stops listening and trying. */
  close(): void;
}

export const LEAST_WAIT_MS = 1000;
export const MOST_WAIT_MS = 6000;

export function createSync(parts: SyncParts): Sync {
  const { store, clock } = parts;
  const listeners = new Set<() => void>();
  let mirror: readonly Waiting[] = [];
  let state: SyncState = 'idle';
  let waitMs = LEAST_WAIT_MS;
  let cancelTimer: (() => void) | null = null;
  let loaded: Promise<void> | null = null;
  let closed = false;
  let lastOrder = 0;

  const tell = (): void => listeners.forEach((listen) => listen());
  const show = (next: readonly Waiting[]): void => {
    mirror = inOrder(next);
    tell();
  };
  const become = (next: SyncState): void => {
    if (state === next) return;
    state = next;
    tell();
  };
  const reload = async (): Promise<void> => show((await store.load()).map(carriedOver));
  const keep = async (entries: readonly Waiting[]): Promise<void> => {
    await store.put(entries);
    const ids = new Set(entries.map((e) => e.id));
    show([...mirror.filter((w) => !ids.has(w.id)), ...entries]);
  };
  const drop = async (ids: readonly string[]): Promise<void> => {
    await store.drop(ids);
    show(mirror.filter((w) => !ids.includes(w.id)));
  };
  const later = (owner: Owner, afterMs: number | undefined): void => {
    cancelTimer?.();
    if (closed) return;
    cancelTimer = clock.after(Math.max(waitMs, afterMs ?? 0), () => void flush(owner));
    waitMs = Math.min(MOST_WAIT_MS, waitMs * 2);
  };

  /** Books what became of a batch. @returns the trouble that stops sending for now, or null */
  const book = async (batch: readonly Waiting[], outcomes: readonly Outcome[]): Promise<Extract<Outcome, { kind: 'later' }> | null> => {
    const pairs = outcomes.slice(0, batch.length).map((outcome, i) => ({ entry: batch[i]!, outcome }));
    const taken = pairs.filter((p) => p.outcome.kind === 'taken').map((p) => p.entry);
    if (taken.length > 0) {
      await parts.taken(taken.map((e) => e.write));
      await drop(taken.map((e) => e.id));
    }
    const changed = pairs.flatMap(({ entry, outcome }): Waiting[] => {
      if (outcome.kind === 'refused') return [{ ...entry, refused: outcome.refusal }];
      if (!countsAgainst(outcome)) return [];
      const failures = (entry.failures ?? 0) + 1;
      return [failures >= MOST_FAILURES ? { ...entry, failures, refused: SET_ASIDE } : { ...entry, failures }];
    });
    if (changed.length > 0) await keep(changed);
    const stops = pairs.flatMap(({ outcome }) => (outcome.kind === 'later' ? [outcome] : []));
    return stops[0] ?? (pairs.length === 0 ? { kind: 'later', trouble: 'notUnderstood' } : null);
  };

  /** @returns what stops sending, or null where nothing is left */
  const sendAll = async (owner: Owner): Promise<Extract<Outcome, { kind: 'later' }> | null> => {
    await reload();
    let taken = false;
    for (;;) {
      const batch = nextToSend(mirror, owner);
      if (batch.length === 0) break;
      become('sending');
      const stop = await book(batch, await parts.send(batch));
      taken = true;
      if (stop !== null) return stop;
    }
    if (taken) parts.caughtUp();
    return null;
  };

  async function flush(owner: Owner): Promise<void> {
    if (closed) return;
    try {
      await sync.ready();
      await parts.alone(async () => {
        const stop = await sendAll(owner);
        become(stop?.trouble ?? 'idle');
        if (stop === null) waitMs = LEAST_WAIT_MS;
        else if (stop.trouble === 'signedOut') parts.sessionEnded();
        else {
          if (stop.trouble === 'sessionStale') parts.sessionEnded();
          later(owner, stop.afterMs);
        }
      });
    } catch (error) {
      console.error('Sending broke off; what was entered is kept here and sent again.', error);
      become('deviceFails');
      later(owner, undefined);
    }
  }

  const stopListening = store.onChange(
    () => void reload().catch((error: unknown) => console.error('What waits could not be read.', error)),
  );
  const sync: Sync = {
    ready: () => (loaded ??= reload()),
    waiting: () => mirror,
    state: () => state,
    subscribe(listen) {
      listeners.add(listen);
      return () => listeners.delete(listen);
    },
    async add({ practiceId, personId }, write) {
      const earlier = replacedBy(mirror, write, practiceId);
      lastOrder = Math.max(lastOrder, ...mirror.map((w) => w.order)) + 1;
      await keep([{ id: parts.newId(), order: lastOrder, practiceId, personId, write }]);
      if (earlier !== undefined) await drop([earlier.id]);
    },
    drop: (id) => drop([id]),
    async again(id, write) {
      const entry = mirror.find((w) => w.id === id);
      if (entry !== undefined) await keep([{ ...entry, write: write ?? entry.write, refused: undefined, failures: undefined }]);
    },
    flush,
    flushSoon(owner) {
      waitMs = LEAST_WAIT_MS;
      cancelTimer?.();
      if (state !== 'sending') become('idle');
      void flush(owner);
    },
    close() {
      closed = true;
      cancelTimer?.();
      stopListening();
    },
  };
  return sync;
}
