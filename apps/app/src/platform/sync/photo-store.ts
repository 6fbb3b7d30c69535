import { clear, createStore, del, get, keys, set } from 'idb-keyval';

const store = createStore('fulcra-photos', 'blobs');

/** Pictures that wait on this device until the server has all of them. */
export const photoStore = {
  put: (photoId: string, blob: Blob): Promise<void> => set(photoId, blob, store),
  get: (photoId: string): Promise<Blob | undefined> => get<Blob>(photoId, store),
  drop: (photoId: string): Promise<void> => del(photoId, store),
  ids: (): Promise<string[]> => keys<string>(store),
};

const dayStore = createStore('fulcra-day-photos', 'blobs');

/** Pictures that the server has and that were fetched for a day without signal. */
export const dayPhotos = {
  put: (photoId: string, blob: Blob): Promise<void> => set(photoId, blob, dayStore),
  get: (photoId: string): Promise<Blob | undefined> => get<Blob>(photoId, dayStore),
  count: async (): Promise<number> => (await keys(dayStore)).length,
  clear: (): Promise<void> => clear(dayStore),
};
