import { type QueryClient } from '@tanstack/react-query';
import { type Horse, type HorseSummary, type Write } from '@fulcra/contract';
import { NEVER_VISITED, foldHorses } from './fold-yard';
import { type ViewData } from './view-folds';

/** Every horse of the yard that this device has read, each once, in the order it was read. */
export function knownHorses(queries: QueryClient): HorseSummary[] {
  const pages = queries.getQueriesData<ViewData['horses']>({ queryKey: ['horses'] }).flatMap(([, data]) => data?.pages ?? []);
  const all = pages.flatMap((p) => [...p.underWay, ...p.horses]);
  return [...new Map(all.map((s) => [s.horse.id, s])).values()];
}

/** A horse from whatever this device remembers of it, with what waits laid over; null where it knows nothing of it. */
export function knownHorse(queries: QueryClient, writes: readonly Write[], horseId: string): Horse | null {
  const read =
    queries.getQueryData<ViewData['horse']>(['horse', horseId])?.horse ?? knownHorses(queries).find((s) => s.horse.id === horseId)?.horse;
  const start = read === undefined ? [] : [{ horse: read, ...NEVER_VISITED }];
  return foldHorses(start, writes).find((s) => s.horse.id === horseId)?.horse ?? null;
}
