import { createStore, delMany, entries, setMany } from 'idb-keyval';
import { type Sealed } from './seal';

/** What is known of it without its key: whose it is, and whether it is an entry that waits to be sent. */
export interface SealedRow extends Sealed {
  readonly id: string;
  readonly scope: string;
  readonly waits: boolean;
}

export interface SealedStore {
  put(rows: readonly SealedRow[]): Promise<void>;
  all(): Promise<readonly SealedRow[]>;
  drop(ids: readonly string[]): Promise<void>;
}

const store = createStore('fulcra-sealed', 'sealed');

/** What people who signed out left unsent on this device. */
export const sealedStore: SealedStore = {
  put: (rows) =>
    setMany(
      rows.map((row) => [row.id, row]),
      store,
    ),
  all: async () => (await entries<string, SealedRow>(store)).map(([, row]) => row),
  drop: (ids) => delMany([...ids], store),
};
