import { type QueryClient, useQuery, useQueryClient } from '@tanstack/react-query';
import {
  type HorseHistory,
  type HorseSummary,
  type HorseTracings,
  type Rider,
  type Saddle,
  type SaddlePhoto,
  type VisitPage,
  horseHistorySchema,
  horseSummarySchema,
  horseTracingsSchema,
  riderSchema,
  saddlePhotoSchema,
  saddleSchema,
  visitPageSchema,
} from '@fulcra/contract';
import { useMemo, useSyncExternalStore } from 'react';
import { z } from 'zod';
import { useSession } from './session-context';
import { NoAnswer, Refused, request } from './api-client';
import { foldHistory, foldHorses, foldRiders, foldSaddlePhotos, foldSaddles, foldTracings, foldVisit, writesOfVisit } from './fold';
import { outbox } from './outbox';
import { type Write } from './write';

/** Writes of this practice that the server hasn't taken yet; the refused ones no longer count. */
export function useWaitingWrites(): readonly Write[] {
  const { session } = useSession();
  const waiting = useSyncExternalStore(outbox.subscribe, outbox.waiting);
  return useMemo(
    () => waiting.filter((w) => w.practiceId === session.practice.id && w.refused === undefined).map((w) => w.write),
    [waiting, session.practice.id],
  );
}

export interface View<T> {
  readonly data: T | null;
  readonly loading: boolean;
  /** In words, when there is nothing to show and why. */
  readonly problem: string | null;
}

function viewOf<T>(data: T | null, query: { isPending: boolean; error: Error | null }): View<T> {
  const problem = data !== null || query.error === null ? null : wordsOf(query.error);
  return { data, loading: data === null && query.isPending, problem };
}

const wordsOf = (error: Error): string =>
  error instanceof Refused
    ? `${error.reply.message} ${error.reply.remedy}`
    : error instanceof NoAnswer
      ? 'There is no signal, and this was not opened on this device before. Nothing you entered is lost; try again where there is signal.'
      : error.message;

/** The list of what the server knows, with what waits laid over it. */
export function useHorses(): View<HorseSummary[]> {
  const writes = useWaitingWrites();
  const query = useQuery({
    queryKey: ['horses'],
    queryFn: async () => z.array(horseSummarySchema).parse(await request('GET', '/api/horses')),
  });
  const data = useMemo(() => {
    if (query.data === undefined && writes.length === 0) return null;
    return foldHorses(query.data ?? [], writes);
  }, [query.data, writes]);
  return viewOf(data, query);
}

/** What the server hasn't been told of yet isn't asked for: it would only say that it doesn't know it. */
export function useHorse(horseId: string): View<HorseHistory> {
  const { session } = useSession();
  const writes = useWaitingWrites();
  const query = useQuery({
    queryKey: ['horse', horseId],
    enabled: !writes.some((w) => w.kind === 'horse' && w.horseId === horseId && !w.body.was),
    queryFn: async () => horseHistorySchema.parse(await request('GET', `/api/horses/${horseId}`)),
  });
  const horses = useHorses().data;
  const data = useMemo(() => {
    const known = query.data ?? emptyHistory(horses, horseId);
    return known === null ? null : foldHistory(known, writes, session);
  }, [query.data, horses, horseId, writes, session]);
  return viewOf(data, query);
}

function emptyHistory(horses: readonly HorseSummary[] | null, horseId: string): HorseHistory | null {
  const horse = horses?.find((h) => h.horse.id === horseId)?.horse;
  return horse === undefined ? null : { horse, visits: [], said: [] };
}

/** A visit begun without signal still offers what the horse's own page last said of it. */
function withWhatWasSaid(page: VisitPage | null, begunHere: boolean, queries: QueryClient): VisitPage | null {
  if (page === null || !begunHere) return page;
  return { ...page, earlier: queries.getQueryData<HorseHistory>(['horse', page.horse.id])?.said ?? [] };
}

export function useVisit(visitId: string): View<VisitPage> {
  const { session } = useSession();
  const queries = useQueryClient();
  const writes = useWaitingWrites();
  const horses = useHorses().data;
  const query = useQuery({
    queryKey: ['visit', visitId],
    enabled: !writes.some((w) => w.kind === 'visit' && w.visitId === visitId && !w.body.was),
    queryFn: async () => visitPageSchema.parse(await request('GET', `/api/visits/${visitId}`)),
  });
  const data = useMemo(
    () =>
      withWhatWasSaid(
        foldVisit(query.data ?? null, writesOfVisit(writes, visitId), session, horses ?? []),
        query.data === undefined,
        queries,
      ),
    [query.data, writes, visitId, session, horses, queries],
  );
  return viewOf(data, query);
}

export function useSaddles(): View<Saddle[]> {
  const writes = useWaitingWrites();
  const query = useQuery({ queryKey: ['saddles'], queryFn: async () => z.array(saddleSchema).parse(await request('GET', '/api/saddles')) });
  const data = useMemo(() => foldSaddles(query.data ?? [], writes), [query.data, writes]);
  return viewOf(query.data === undefined && data.length === 0 ? null : data, query);
}

/** Photos of all saddles of the stock, oldest first. */
export function useSaddlePhotos(): View<SaddlePhoto[]> {
  const { session } = useSession();
  const writes = useWaitingWrites();
  const query = useQuery({
    queryKey: ['saddle-photos'],
    queryFn: async () => z.array(saddlePhotoSchema).parse(await request('GET', '/api/saddle-photos')),
  });
  const data = useMemo(() => foldSaddlePhotos(query.data ?? [], writes, session.person.name), [query.data, writes, session.person.name]);
  return viewOf(query.data === undefined && data.length === 0 ? null : data, query);
}

export function useRiders(): View<Rider[]> {
  const writes = useWaitingWrites();
  const query = useQuery({ queryKey: ['riders'], queryFn: async () => z.array(riderSchema).parse(await request('GET', '/api/riders')) });
  const data = useMemo(() => foldRiders(query.data ?? [], writes), [query.data, writes]);
  return viewOf(query.data === undefined && data.length === 0 ? null : data, query);
}

/** All tracings of a horse, oldest visit first, with what waits laid over them. */
export function useTracings(horseId: string): View<HorseTracings> {
  const { session } = useSession();
  const writes = useWaitingWrites();
  const query = useQuery({
    queryKey: ['tracings', horseId],
    enabled: !writes.some((w) => w.kind === 'horse' && w.horseId === horseId && !w.body.was),
    queryFn: async () => horseTracingsSchema.parse(await request('GET', `/api/horses/${horseId}/tracings`)),
  });
  const data = useMemo(() => foldTracings(query.data ?? [], horseId, writes, session), [query.data, horseId, writes, session]);
  return viewOf(query.data === undefined && data.length === 0 ? null : data, query);
}
