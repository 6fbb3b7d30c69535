import { createStore, del, entries, set } from 'idb-keyval';
import { v7 } from 'uuid';
import { type Write, pathOf } from './write';

/** A write that waits on this device until the server has it. */
export interface Waiting {
  /** Time-ordered, so that the order of entry is the order of sending. */
  readonly id: string;
  readonly practiceId: string;
  readonly write: Write;
  /** Why the server would not have it; the person decides what becomes of it. */
  readonly refused?: { readonly message: string; readonly remedy: string };
}

const store = createStore('fulcra-outbox', 'waiting');
const channel = new BroadcastChannel('fulcra-outbox');
const listeners = new Set<() => void>();
let mirror: readonly Waiting[] = [];
let loaded: Promise<void> | null = null;

const tell = (): void => listeners.forEach((listen) => listen());

async function reload(): Promise<void> {
  const all = (await entries<string, Waiting>(store)).map(([, value]) => value);
  mirror = all.sort((a, b) => (a.id < b.id ? -1 : 1));
  tell();
}

channel.onmessage = () => void reload();

/** Kept in the browser's own database, shared by all tabs, read before anything else. */
export const outbox = {
  ready: (): Promise<void> => (loaded ??= reload()),
  waiting: (): readonly Waiting[] => mirror,
  subscribe(listen: () => void): () => void {
    listeners.add(listen);
    return () => listeners.delete(listen);
  },
  /** On the disk before it counts as entered. A later write of the same thing takes the place of an unsent earlier one. */
  async add(practiceId: string, write: Write): Promise<void> {
    const same = mirror.find((w) => w.practiceId === practiceId && pathOf(w.write) === pathOf(write));
    await keep({ id: v7(), practiceId, write });
    if (same !== undefined) await outbox.drop(same.id);
  },
  async drop(id: string): Promise<void> {
    await del(id, store);
    await reload();
    channel.postMessage('changed');
  },
  async mark(id: string, refused: Waiting['refused']): Promise<void> {
    const entry = mirror.find((w) => w.id === id);
    if (entry !== undefined) await keep({ ...entry, refused });
  },
};

async function keep(entry: Waiting): Promise<void> {
  await set(entry.id, entry, store);
  await reload();
  channel.postMessage('changed');
}
