import { type QueryClient, type QueryKey } from '@tanstack/react-query';
import {
  type HorseHistory,
  type HorseTracings,
  type PracticeSettings,
  type Rider,
  type Saddle,
  type SaddlePhoto,
  type ViewKey,
  type VisitPage,
  type Write,
  type YardPage,
  RECORDS,
} from '@fulcra/contract';
import { type FoldContext } from './fold-context';
import { foldHistory, foldSaddlePhotos, foldTracings } from './fold-horse';
import { foldRecords } from './fold-records';
import { foldVisit, writesOfVisit } from './fold-visit';
import { foldYardPages } from './fold-yard';

/** What each view is kept as. */
export interface ViewData {
  readonly horses: { readonly pages: readonly YardPage[]; readonly pageParams: readonly unknown[] };
  readonly horse: HorseHistory;
  readonly visit: VisitPage;
  readonly tracings: HorseTracings;
  readonly riders: readonly Rider[];
  readonly saddles: readonly Saddle[];
  readonly 'saddle-photos': readonly SaddlePhoto[];
  readonly 'practice-settings': readonly PracticeSettings[];
}

type Folds = { readonly [V in ViewKey]: (data: ViewData[V], writes: readonly Write[], context: FoldContext, key: QueryKey) => ViewData[V] };

/** What the server will say of each view once it has these writes; pure, so that offline and online show the same thing. */
const FOLDS: Folds = {
  horses: (data, writes) => ({ ...data, pages: foldYardPages(data.pages, writes) }),
  horse: (data, writes, context) => foldHistory(data, writes, context),
  visit: (data, writes, context, key) => foldVisit(data, writesOfVisit(writes, String(key[1])), context) ?? data,
  tracings: (data, writes, context, key) => foldTracings(data, String(key[1]), writes, context),
  riders: (data, writes) => foldRecords('rider', data, writes),
  saddles: (data, writes) => foldRecords('saddle', data, writes),
  'saddle-photos': (data, writes, context) => foldSaddlePhotos(data, writes, context),
  'practice-settings': (data, writes) => foldRecords('practiceSettings', data, writes),
};

export const viewsOf = (writes: readonly Write[]): ViewKey[] => [
  ...new Set(writes.flatMap((w) => RECORDS[w.kind].views as readonly ViewKey[])),
];

/**
 * The server has taken these writes: they are laid into what is remembered of it, once for all of them, so that nothing flickers until it
 * is asked again. An answer under way is older than they are and is let go.
 */
export async function applyWrites(queries: QueryClient, writes: readonly Write[], context: FoldContext): Promise<void> {
  const views = viewsOf(writes);
  await queries.cancelQueries({ predicate: (q) => views.includes(q.queryKey[0] as ViewKey) });
  for (const view of views) applyTo(queries, view, writes, context);
}

function applyTo<V extends ViewKey>(queries: QueryClient, view: V, writes: readonly Write[], context: FoldContext): void {
  for (const [key, data] of queries.getQueriesData<ViewData[V]>({ queryKey: [view] })) {
    if (data !== undefined) queries.setQueryData(key, FOLDS[view](data, writes, context, key));
  }
}
