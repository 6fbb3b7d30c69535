import { type ErrorReply } from '@fulcra/contract';
import { createStore, del, entries, set } from 'idb-keyval';
import { v7 } from 'uuid';
import { type Write, isFieldsWrite, pathOf } from './write';

/** Why the server would not have a write; the person decides what becomes of it. */
export interface Refusal {
  readonly message: string;
  readonly remedy: string;
  /** Fields that somebody else changed too, with all that stands there now. */
  readonly clash?: ErrorReply['error']['clash'];
}

/** A write that waits on this device until the server has it. */
export interface Waiting {
  readonly id: string;
  /** Order of entry, which is the order of sending; counted, because a device's clock may jump. */
  readonly order: number;
  readonly practiceId: string;
  readonly write: Write;
  readonly refused?: Refusal | undefined;
}

const store = createStore('fulcra-outbox', 'waiting');
const channel = new BroadcastChannel('fulcra-outbox');
const listeners = new Set<() => void>();
let mirror: readonly Waiting[] = [];
let loaded: Promise<void> | null = null;

function become(next: readonly Waiting[]): void {
  mirror = [...next].sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : 1));
  listeners.forEach((listen) => listen());
}

async function reload(): Promise<void> {
  become((await entries<string, Waiting>(store)).map(([, value]) => value));
}

channel.onmessage = () => void reload();

/** Kept in the browser's own database, shared by all tabs, read before anything else. */
export const outbox = {
  ready: (): Promise<void> => (loaded ??= reload()),
  /** Reads again what another tab may have entered a moment ago. */
  refresh: reload,
  waiting: (): readonly Waiting[] => mirror,
  subscribe(listen: () => void): () => void {
    listeners.add(listen);
    return () => listeners.delete(listen);
  },
  /**
   * On the disk before it counts as entered. A later withdrawal or decision takes the place of an unsent earlier one;
   * changes of fields are kept one after the other, because each says what it changed from.
   */
  async add(practiceId: string, write: Write): Promise<void> {
    const earlier = isFieldsWrite(write) ? undefined : mirror.find((w) => w.practiceId === practiceId && pathOf(w.write) === pathOf(write));
    const order = Math.max(0, ...mirror.map((w) => w.order)) + 1;
    await keep({ id: v7(), order, practiceId, write });
    if (earlier !== undefined) await outbox.drop(earlier.id);
  },
  async drop(id: string): Promise<void> {
    await del(id, store);
    become(mirror.filter((w) => w.id !== id));
    channel.postMessage('changed');
  },
  async mark(id: string, refused: Refusal | undefined): Promise<void> {
    const entry = mirror.find((w) => w.id === id);
    if (entry !== undefined) await keep({ ...entry, refused });
  },
  /** The same entry with another body, ready to be sent again. */
  async rewrite(id: string, write: Write): Promise<void> {
    const entry = mirror.find((w) => w.id === id);
    if (entry !== undefined) await keep({ ...entry, write, refused: undefined });
  },
};

async function keep(entry: Waiting): Promise<void> {
  await set(entry.id, entry, store);
  become([...mirror.filter((w) => w.id !== entry.id), entry]);
  channel.postMessage('changed');
}
