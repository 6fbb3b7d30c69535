import { type QueryClient } from '@tanstack/react-query';
import { type HorseHistory } from '@fulcra/contract';
import { horseQuestion, recordsQuestion, tracingsQuestion, visitQuestion } from './questions';
import { type dayPhotos } from './sync/photo-store';

/** Earlier visits of a horse that are taken along whole, newest first; their outlines come with the tracings (default). */
const VISITS_TAKEN_ALONG = 3;
/** Lists that any horse may need: saddles and what goes with them, who rides, and how the practice judges. */
const LISTS = [
  'saddle',
  'rider',
  'riderMeasures',
  'leather',
  'leatherTake',
  'girth',
  'tackCheck',
  'yard',
  'contact',
  'practiceSettings',
] as const;

export interface Fetched {
  readonly what: 'answer' | 'photo';
  readonly bytes: number;
}

/** What a device fetches with; the browser's own outside of tests. */
export interface Fetching {
  readonly queries: QueryClient;
  readonly photo: (url: string) => Promise<Blob>;
  readonly photos: Pick<typeof dayPhotos, 'get' | 'put'>;
  readonly signal: AbortSignal;
  readonly onFetched: (fetched: Fetched) => void;
}

export const browserPhoto = async (url: string): Promise<Blob> => {
  const response = await fetch(url);
  if (!response.ok) throw new Error(`${url}: ${response.status}`);
  return response.blob();
};

const sizeOf = (answer: unknown): number => new Blob([JSON.stringify(answer)]).size;

/** The lists that every horse of the day shares. Throws what the line throws. */
export async function prepareLists({ queries, signal, onFetched }: Fetching): Promise<void> {
  for (const kind of LISTS) {
    if (signal.aborted) return;
    onFetched({ what: 'answer', bytes: sizeOf(await queries.fetchQuery({ ...recordsQuestion(kind), staleTime: 0 })) });
  }
}

/** One horse as it must be in the barn: its history, its tracings, its newest visits and their photos. Throws what the line throws. */
export async function prepareHorse(horseId: string, fetching: Fetching): Promise<void> {
  const { queries, signal, onFetched } = fetching;
  const history: HorseHistory = await queries.fetchQuery({ ...horseQuestion(horseId), staleTime: 0 });
  onFetched({ what: 'answer', bytes: sizeOf(history) });
  onFetched({ what: 'answer', bytes: sizeOf(await queries.fetchQuery({ ...tracingsQuestion(horseId), staleTime: 0 })) });
  for (const { visit } of history.visits.slice(0, VISITS_TAKEN_ALONG)) {
    if (signal.aborted) return;
    const page = await queries.fetchQuery({ ...visitQuestion(visit.id), staleTime: 0 });
    onFetched({ what: 'answer', bytes: sizeOf(page) });
    for (const { id, bytes, heldBytes } of page.photos)
      if (bytes === heldBytes) await preparePhoto(id, `/api/visits/${visit.id}/photos/${id}/content`, fetching);
  }
}

async function preparePhoto(id: string, url: string, { photo, photos, signal, onFetched }: Fetching): Promise<void> {
  if (signal.aborted || (await photos.get(id)) !== undefined) return;
  const blob = await photo(url);
  await photos.put(id, blob);
  onFetched({ what: 'photo', bytes: blob.size });
}

/** When this device last had a whole answer about a horse, ms since 1970; null where it never had. */
export function heldSince(queries: QueryClient, horseId: string): number | null {
  const state = queries.getQueryState(['horse', horseId]);
  return state?.data === undefined ? null : state.dataUpdatedAt;
}
