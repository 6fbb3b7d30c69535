import { type QueryClient, useInfiniteQuery, useQuery, useQueryClient } from '@tanstack/react-query';
import {
  type Appointment,
  type Binned,
  type Contact,
  type Due,
  type Girth,
  type HorseHistory,
  type HorseSummary,
  type HorseTracings,
  type Leather,
  type LeatherTaken,
  type ListedKind,
  type Order,
  type OwnerPhoto,
  type OwnerWord,
  type PhotoRoom,
  type PracticeSettingsFields,
  type ReadOf,
  type Rider,
  type RiderMeasuresTaken,
  type Saddle,
  type SaddlePhoto,
  type TackCheckKept,
  type TackPhoto,
  type VisitPage,
  type Yard,
  type Write,
  PRACTICE_DEFAULTS,
  YARD_SORTS,
  dueListSchema,
  ownerPhotoSchema,
  photoRoomSchema,
  saddlePhotoSchema,
  tackPhotoSchema,
  yardPageSchema,
} from '@fulcra/contract';
import { NOTHING_IN_USE } from '@fulcra/core';
import { useMemo } from 'react';
import { z } from 'zod';
import { api } from './api';
import { horseQuestion, recordsQuestion, tracingsQuestion, visitQuestion } from './questions';
import { lineWordsOf } from './line-words';
import { ownerOf } from './draft-scope';
import { useSession } from './session-context';
import { shownAsTaken } from './sync/waiting';
import { useWaiting } from './use-sync';
import { type FoldContext } from './views/fold-context';
import { foldHistory, foldSaddlePhotos, foldTackPhotos, foldTracings } from './views/fold-horse';
import { foldRecords } from './views/fold-records';
import { foldVisit, writesOfVisit } from './views/fold-visit';
import { foldHorses } from './views/fold-yard';
import { knownHorse, knownHorses } from './views/known-horse';
import { type ViewData } from './views/view-folds';

/** Writes of this person that the server hasn't taken yet; the refused ones no longer count. */
function useWaitingWrites(): readonly Write[] {
  const { session } = useSession();
  const waiting = useWaiting();
  return useMemo(() => shownAsTaken(waiting, ownerOf(session)), [waiting, session]);
}

export interface View<T> {
  readonly data: T | null;
  readonly loading: boolean;
  /** In words, when there is nothing to show and why. */
  readonly problem: string | null;
}

function viewOf<T>(data: T | null, query: { isPending: boolean; error: Error | null }): View<T> {
  const problem = data !== null || query.error === null ? null : lineWordsOf(query.error);
  return { data, loading: data === null && query.isPending, problem };
}

function useFolding(writes: readonly Write[]): FoldContext {
  const { session } = useSession();
  const queries = useQueryClient();
  return useMemo(() => ({ person: session.person.name, horseKnown: (id) => knownHorse(queries, writes, id) }), [session, queries, writes]);
}

/** Everything that was ever put into the bin; what was put back says so. */
export const useBinned = (): View<Binned[]> => useRecords('binned');

/** Ids of what is out of sight. */
function useHidden(): ReadonlySet<string> {
  const { data } = useBinned();
  return useMemo(() => new Set((data ?? []).filter((b) => !b.restored).map((b) => b.id)), [data]);
}

export type YardSort = (typeof YARD_SORTS)[number];
export interface YardView extends View<HorseSummary[]> {
  /** Horses on the server that answer the search; what is loaded where it doesn't answer. */
  readonly total: number;
  /** Loads the next page where there is one. */
  readonly more: () => void;
  readonly loadingMore: boolean;
}

/** The yard a page at a time, searched and sorted by the server, with what waits laid over it; without signal, what this device knows. */
export function useYard(search: string, sort: YardSort): YardView {
  const hidden = useHidden();
  const writes = useWaitingWrites();
  const queries = useQueryClient();
  const query = useInfiniteQuery({
    queryKey: ['horses', search, sort] as const,
    initialPageParam: 0,
    queryFn: async ({ pageParam }) =>
      yardPageSchema.parse(await api.request('GET', `/api/horses?${new URLSearchParams({ search, sort, from: String(pageParam) })}`)),
    getNextPageParam: (page) => page.next,
  });
  const read = query.data;
  const data = useMemo(() => {
    const pages = read?.pages;
    const known = pages === undefined ? knownHorses(queries) : eachOnce(pages.flatMap((p) => [...p.underWay, ...p.horses]));
    const all = foldHorses(known, writes).filter((s) => !hidden.has(s.horse.id));
    return pages === undefined && all.length === 0 ? null : all;
  }, [read, queries, writes, hidden]);
  const { fetchNextPage, hasNextPage, isFetchingNextPage } = query;
  return {
    ...viewOf(data, query),
    total: Math.max(read?.pages.at(-1)?.total ?? 0, data?.length ?? 0),
    more: () => (hasNextPage && !isFetchingNextPage ? void fetchNextPage() : undefined),
    loadingMore: isFetchingNextPage,
  };
}

const eachOnce = (list: readonly HorseSummary[]): HorseSummary[] => [...new Map(list.map((s) => [s.horse.id, s])).values()];

/** What the server hasn't been told of yet isn't asked for: it would only say that it doesn't know it. */
const isNew = (writes: readonly Write[], kind: 'horse' | 'visit', id: string): boolean =>
  writes.some((w) => (w.kind === 'horse' ? w.horseId === id : w.kind === 'visit' && w.visitId === id) && w.kind === kind && !w.body.was);

export interface HorseView extends View<HorseHistory> {
  /** `nameOnly`: the horse is known here, what was done with it isn't, so nothing may be concluded from its not being shown. */
  readonly known: 'whole' | 'asking' | 'nameOnly';
}

export function useHorse(horseId: string): HorseView {
  const hidden = useHidden();
  const writes = useWaitingWrites();
  const context = useFolding(writes);
  const query = useQuery({
    ...horseQuestion(horseId),
    enabled: !isNew(writes, 'horse', horseId),
  });
  const data = useMemo(() => {
    const horse = query.data === undefined ? context.horseKnown(horseId) : null;
    const known = query.data ?? (horse === null ? null : { horse, visits: [], said: [], inUse: NOTHING_IN_USE });
    if (known === null) return null;
    const history = foldHistory(known, writes, context);
    return { ...history, visits: history.visits.filter((v) => !hidden.has(v.visit.id)) };
  }, [query.data, horseId, writes, context, hidden]);
  const whole = query.data !== undefined || isNew(writes, 'horse', horseId);
  return { ...viewOf(data, query), known: whole ? 'whole' : query.error === null ? 'asking' : 'nameOnly' };
}

/** A visit begun without signal still offers what the horse's own page last said of it. */
function withWhatWasSaid(page: VisitPage | null, begunHere: boolean, queries: QueryClient): VisitPage | null {
  if (page === null || !begunHere) return page;
  const horse = queries.getQueryData<ViewData['horse']>(['horse', page.horse.id]);
  return { ...page, earlier: horse?.said ?? [], cameIn: horse?.inUse ?? page.cameIn };
}

export function useVisit(visitId: string): View<VisitPage> {
  const queries = useQueryClient();
  const writes = useWaitingWrites();
  const context = useFolding(writes);
  const query = useQuery({
    ...visitQuestion(visitId),
    enabled: !isNew(writes, 'visit', visitId),
  });
  const hidden = useHidden();
  const data = useMemo(() => {
    const page = withWhatWasSaid(foldVisit(query.data ?? null, writesOfVisit(writes, visitId), context), query.data === undefined, queries);
    return page === null ? null : { ...page, photos: page.photos.filter((p) => !hidden.has(p.id)) };
  }, [query.data, writes, visitId, context, queries, hidden]);
  return viewOf(data, query);
}

/** All records of a kind that is read as one list, with what waits laid over. */
function useRecords<K extends ListedKind>(kind: K): View<ReadOf<K>[]> {
  const writes = useWaitingWrites();
  const query = useQuery(recordsQuestion(kind));
  const data = useMemo(() => foldRecords(kind, query.data ?? [], writes), [kind, query.data, writes]);
  return viewOf(query.data === undefined && data.length === 0 ? null : data, query);
}

export const useSaddles = (): View<Saddle[]> => useRecords('saddle');
export function useRiders(): View<Rider[]> {
  const { data, ...rest } = useRecords('rider');
  const hidden = useHidden();
  return { ...rest, data: useMemo(() => data?.filter((r) => !hidden.has(r.id)) ?? null, [data, hidden]) };
}
export const useRiderMeasures = (): View<RiderMeasuresTaken[]> => useRecords('riderMeasures');
export const useLeathers = (): View<Leather[]> => useRecords('leather');
export const useContacts = (): View<Contact[]> => useRecords('contact');
export const useYards = (): View<Yard[]> => useRecords('yard');
export const useAppointments = (): View<Appointment[]> => useRecords('appointment');
export const useOrders = (): View<Order[]> => useRecords('order');
export const useOwnerWords = (): View<OwnerWord[]> => useRecords('ownerWord');
export const useGirths = (): View<Girth[]> => useRecords('girth');
export const useTackChecks = (): View<TackCheckKept[]> => useRecords('tackCheck');
export const useLeatherTakes = (): View<LeatherTaken[]> => useRecords('leatherTake');

/** Horses a rider is down for; without signal those that this device knows. */
export function useHorsesOf(riderId: string): HorseSummary[] {
  const writes = useWaitingWrites();
  const queries = useQueryClient();
  const query = useQuery({
    queryKey: ['horses-of', riderId],
    queryFn: async () => yardPageSchema.parse(await api.request('GET', `/api/horses?${new URLSearchParams({ rider: riderId })}`)),
  });
  return useMemo(() => {
    const known = eachOnce([...knownHorses(queries), ...(query.data?.underWay ?? []), ...(query.data?.horses ?? [])]);
    return foldHorses(known, writes).filter((s) => s.horse.riderIds.includes(riderId));
  }, [query.data, queries, writes, riderId]);
}

/** What the practice agreed on, as far as this device was told; null where it agreed on nothing of its own. */
export function usePracticeSettingsView(): View<PracticeSettingsFields> {
  const { data, ...rest } = useRecords('practiceSettings');
  return { ...rest, data: data?.[0] ?? null };
}

/** What the practice agreed on; the defaults until it is known. */
export function usePracticeSettings(): PracticeSettingsFields {
  return usePracticeSettingsView().data ?? PRACTICE_DEFAULTS;
}

/** Photos of all saddles of the stock, oldest first. */
export function useSaddlePhotos(): View<SaddlePhoto[]> {
  const writes = useWaitingWrites();
  const context = useFolding(writes);
  const query = useQuery({
    queryKey: ['saddle-photos'],
    queryFn: async () => z.array(saddlePhotoSchema).parse(await api.request('GET', '/api/saddle-photos')),
  });
  const data = useMemo(() => foldSaddlePhotos(query.data ?? [], writes, context), [query.data, writes, context]);
  return viewOf(query.data === undefined && data.length === 0 ? null : data, query);
}

/** Photos of what was found on tack, oldest first. */
export function useTackPhotos(): View<TackPhoto[]> {
  const writes = useWaitingWrites();
  const context = useFolding(writes);
  const query = useQuery({
    queryKey: ['tack-photos'],
    queryFn: async () => z.array(tackPhotoSchema).parse(await api.request('GET', '/api/tack-photos')),
  });
  const data = useMemo(() => foldTackPhotos(query.data ?? [], writes, context), [query.data, writes, context]);
  return viewOf(query.data === undefined && data.length === 0 ? null : data, query);
}

/** Costly lists that are only counted are asked for again after this. */
const RARELY_MS = 300_000;

/** When each horse is due and why, the soonest first: worked out by the server, and as it last said without signal. */
export function useDue(asked: 'now' | 'rarely' = 'now'): View<readonly Due[]> {
  const staleTime = asked === 'rarely' ? RARELY_MS : 0;
  const query = useQuery({ queryKey: ['due'], staleTime, queryFn: async () => dueListSchema.parse(await api.request('GET', '/api/due')) });
  return viewOf(query.data ?? null, query);
}

/** Pictures that owners sent, oldest first. */
export function useOwnerPhotos(): View<readonly OwnerPhoto[]> {
  const query = useQuery({
    queryKey: ['owner-photos'],
    queryFn: async () => z.array(ownerPhotoSchema).parse(await api.request('GET', '/api/owner-photos')),
  });
  return viewOf(query.data ?? null, query);
}

/** All tracings of a horse, oldest visit first, with what waits laid over them. */
export function useTracings(horseId: string): View<HorseTracings> {
  const writes = useWaitingWrites();
  const context = useFolding(writes);
  const query = useQuery({
    ...tracingsQuestion(horseId),
    enabled: !isNew(writes, 'horse', horseId),
  });
  const hidden = useHidden();
  const data = useMemo(
    () => foldTracings(query.data ?? [], horseId, writes, context).filter((t) => !hidden.has(t.visitId)),
    [query.data, horseId, writes, context, hidden],
  );
  return viewOf(query.data === undefined && data.length === 0 ? null : data, query);
}

/** How much of its room for photos the practice has used, as the server last said. */
export function usePhotoRoom(): View<PhotoRoom> {
  const query = useQuery({
    queryKey: ['photo-room'],
    queryFn: async () => photoRoomSchema.parse(await api.request('GET', '/api/photo-room')),
  });
  return viewOf(query.data ?? null, query);
}
