import { type Write } from '@fulcra/contract';
import { type Outcome, type Trouble } from './outcome';
import { type Waiting } from './waiting';

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
