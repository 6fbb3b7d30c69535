import { createStore, delMany, entries, setMany } from 'idb-keyval';
import { type SyncStore } from './sync-parts';
import { type Waiting } from './waiting';

/** The browser's own database, shared by all tabs, read before anything else. */
export function browserStore(): SyncStore {
  const store = createStore('fulcra-outbox', 'waiting');
  const channel = new BroadcastChannel('fulcra-outbox');
  const changed = (): void => channel.postMessage('changed');
  return {
    load: async () => (await entries<string, Waiting>(store)).map(([, value]) => value),
    async put(list) {
      await setMany(
        list.map((entry) => [entry.id, entry]),
        store,
      );
      changed();
    },
    async drop(ids) {
      await delMany([...ids], store);
      changed();
    },
    onChange(listen) {
      channel.onmessage = listen;
      return () => {
        channel.onmessage = null;
      };
    },
  };
}
