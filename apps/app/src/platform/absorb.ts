import { type QueryClient } from '@tanstack/react-query';
import {
  type HorseHistory,
  type HorseSummary,
  type HorseTracings,
  type Rider,
  type Saddle,
  type SaddlePhoto,
  type Session,
  type VisitPage,
} from '@fulcra/contract';
import { foldHistory, foldHorses, foldRiders, foldSaddlePhotos, foldSaddles, foldTracings, foldVisit } from './fold';
import { type Write } from './write';

/** The server has taken a write: lay it into what is remembered of the server, so that nothing flickers until it is asked again. */
export function absorb(queries: QueryClient, write: Write): void {
  const session = queries.getQueryData<Session>(['session']);
  if (!session) return;
  const horses = queries.getQueryData<HorseSummary[]>(['horses']) ?? [];
  queries.setQueryData<HorseSummary[]>(['horses'], (list) => (list === undefined ? list : foldHorses(list, [write])));
  queries.setQueriesData<HorseHistory>({ queryKey: ['horse'] }, (h) => (h === undefined ? h : foldHistory(h, [write], session)));
  if (write.kind === 'rider') queries.setQueryData<Rider[]>(['riders'], (list) => (list === undefined ? list : foldRiders(list, [write])));
  if (write.kind === 'saddle')
    queries.setQueryData<Saddle[]>(['saddles'], (list) => (list === undefined ? list : foldSaddles(list, [write])));
  if (write.kind === 'saddlePhoto') {
    queries.setQueryData<SaddlePhoto[]>(['saddle-photos'], (list) =>
      list === undefined ? list : foldSaddlePhotos(list, [write], session.person.name),
    );
  }
  for (const [key, known] of queries.getQueriesData<HorseTracings>({ queryKey: ['tracings'] })) {
    if (known !== undefined) queries.setQueryData(key, foldTracings(known, String(key[1]), [write], session));
  }
  if (!('visitId' in write)) return;
  queries.setQueryData<VisitPage>(['visit', write.visitId], (page) => foldVisit(page ?? null, [write], session, horses) ?? page);
}
