import { type Write } from '@fulcra/contract';
import { Outbox } from './outbox';
import { Sending } from './sending';
import { type SyncParts, type SyncState } from './sync-parts';
import { type Owner, type Waiting, replacedBy } from './waiting';

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
  dropAll(ids: readonly string[]): Promise<void>;
  /** Entries of before, as they were, in their order. */
  bringBack(entries: readonly Waiting[]): Promise<void>;
  /** Nothing more is sent under the name that was; an answer still under way changes nothing. */
  stop(): void;
  /** Ready to be sent again, with another body where one is given. */
  again(id: string, write?: Write): Promise<void>;
  /** Sends what this person entered, oldest first; comes back by itself while something is left. Never rejects. */
  flush(owner: Owner): Promise<void>;
  /** Signal came back, or the person signed in again: doesn't wait for the timer. */
  flushSoon(owner: Owner): void;
  /** Stops listening and trying. */
  close(): void;
}

export function createSync(parts: SyncParts): Sync {
  const listeners = new Set<() => void>();
  const tell = (): void => listeners.forEach((listen) => listen());
  const outbox = new Outbox(parts.store, tell);
  let loaded: Promise<void> | null = null;
  const ready = (): Promise<void> => (loaded ??= outbox.reload());
  const sending = new Sending(parts, outbox, ready, tell);
  const stopListening = parts.store.onChange(
    () => void outbox.reload().catch((error: unknown) => console.error('What waits could not be read.', error)),
  );
  return {
    ready,
    waiting: () => outbox.list(),
    state: () => sending.state(),
    subscribe(listen) {
      listeners.add(listen);
      return () => listeners.delete(listen);
    },
    async add({ practiceId, personId }, write) {
      const earlier = replacedBy(outbox.list(), write, practiceId);
      await outbox.keep([{ id: parts.newId(), order: outbox.nextOrder(), practiceId, personId, write }]);
      if (earlier !== undefined) await outbox.drop([earlier.id]);
    },
    drop: (id) => outbox.drop([id]),
    dropAll: (ids) => outbox.drop(ids),
    bringBack: (entries) => outbox.keep(entries),
    stop: () => sending.stop(),
    async again(id, write) {
      const entry = outbox.list().find((w) => w.id === id);
      if (entry !== undefined) await outbox.keep([{ ...entry, write: write ?? entry.write, refused: undefined, failures: undefined }]);
    },
    flush: (owner) => sending.flush(owner),
    flushSoon: (owner) => sending.flushSoon(owner),
    close() {
      sending.close();
      stopListening();
    },
  };
}
