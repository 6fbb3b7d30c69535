import { type Query, type QueryClient } from '@tanstack/react-query';
import { PERSIST } from '../query-client';
import { dayPhotos } from '../sync/photo-store';

/** Who is signed in, and what everybody may know; asked about by what is always on screen. */
const NOBODYS: readonly unknown[] = ['session', 'welcome'];
const somebodys = { predicate: ({ queryKey }: Pick<Query, 'queryKey'>): boolean => !NOBODYS.includes(queryKey[0]) };

/** As the service worker calls it. */
const KEPT_SENSOR = 'fulcra-sensor';

/** What the server said, in memory and on the disk, and the pictures fetched of it, aren't left behind for somebody else. */
export async function forgetAnswers(queries: QueryClient): Promise<void> {
  await queries.cancelQueries(somebodys);
  queries.removeQueries(somebodys);
  await PERSIST.persister.removeClient();
  await dayPhotos.clear();
  // a practice's own address; the application itself is everybody's
  await caches.delete(KEPT_SENSOR);
}
