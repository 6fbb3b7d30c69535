import { type QueryClient, type QueryKey } from '@tanstack/react-query';
import {
  type Due,
  type HorseHistory,
  type HorseTracings,
  type KindOfList,
  type ListView,
  type OwnerPhoto,
  type ReadOf,
  type SaddlePhoto,
  type TackPhoto,
  type ViewKey,
  type VisitPage,
  type Write,
  type YardPage,
  LISTED_KINDS,
  RECORDS,
  listViewOf,
} from '@fulcra/contract';
import { NOTHING_IN_USE } from '@fulcra/core';
import { type FoldContext } from './fold-context';
import { foldHistory, foldSaddlePhotos, foldTackPhotos, foldTracings } from './fold-horse';
import { foldRecords } from './fold-records';
import { foldVisit, writesOfVisit } from './fold-visit';
import { foldYardPages } from './fold-yard';

/** What each view is kept as; a list of records as that list. */
interface OwnViews {
  readonly horses: { readonly pages: readonly YardPage[]; readonly pageParams: readonly unknown[] };
  readonly horse: HorseHistory;
  readonly visit: VisitPage;
  readonly tracings: HorseTracings;
  readonly 'saddle-photos': readonly SaddlePhoto[];
  readonly 'tack-photos': readonly TackPhoto[];
  readonly 'owner-photos': readonly OwnerPhoto[];
  readonly due: readonly Due[];
}
type Lists = { readonly [V in ListView]: readonly ReadOf<KindOfList<V>>[] };
export type ViewData = OwnViews & Lists;

type Folds<Data> = {
  readonly [V in keyof Data]: (data: Data[V], writes: readonly Write[], context: FoldContext, key: QueryKey) => Data[V];
};

/** Views that are more than a list of records. */
const OWN: Folds<OwnViews> = {
  horses: (data, writes) => ({ ...data, pages: foldYardPages(data.pages, writes) }),
  horse: (data, writes, context) => foldHistory(data, writes, context),
  visit: (data, writes, context, key) => foldVisit(data, writesOfVisit(writes, String(key[1])), context) ?? data,
  tracings: (data, writes, context, key) => foldTracings(data, String(key[1]), writes, context),
  'saddle-photos': (data, writes, context) => foldSaddlePhotos(data, writes, context),
  'tack-photos': (data, writes, context) => foldTackPhotos(data, writes, context),
  // nothing here writes these: they are asked for again
  'owner-photos': (data) => data,
  due: (data) => data,
};

const LISTS = Object.fromEntries(
  LISTED_KINDS.map((kind) => [listViewOf(kind), (data: readonly never[], writes: readonly Write[]) => foldRecords(kind, data, writes)]),
) as unknown as Folds<Lists>;

/** What the server will say of each view once it has these writes; pure, so that offline and online show the same thing. */
const FOLDS: Folds<ViewData> = { ...OWN, ...LISTS };

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
  for (const write of writes) rememberBegun(queries, write, context);
  for (const view of views) applyTo(queries, view, writes, context);
}

/** What was begun here is remembered as the server now has it: its screen stays as it is until the server is asked. */
function rememberBegun(queries: QueryClient, write: Write, context: FoldContext): void {
  if (write.kind === 'horse' && queries.getQueryData(['horse', write.horseId]) === undefined) {
    const horse = context.horseKnown(write.horseId);
    if (horse !== null && !write.body.was)
      queries.setQueryData<HorseHistory>(['horse', horse.id], { horse, visits: [], said: [], inUse: NOTHING_IN_USE });
  }
  if (write.kind === 'visit' && !write.body.was && queries.getQueryData(['visit', write.visitId]) === undefined) {
    const page = foldVisit(null, [write], context);
    if (page !== null) queries.setQueryData<VisitPage>(['visit', write.visitId], page);
  }
}

function applyTo<V extends ViewKey>(queries: QueryClient, view: V, writes: readonly Write[], context: FoldContext): void {
  for (const [key, data] of queries.getQueriesData<ViewData[V]>({ queryKey: [view] })) {
    if (data !== undefined) queries.setQueryData(key, FOLDS[view](data, writes, context, key));
  }
}
