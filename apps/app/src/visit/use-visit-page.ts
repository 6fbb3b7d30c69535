import { type VisitPage, type VisitWrite } from '@fulcra/contract';
import { useMemo } from 'react';
import { type FrontMeasurement, frontMeasurement } from '../section/front-measurement';
import { useSend } from '../sync/use-send';
import { useVisit } from '../sync/use-views';

export interface LoadedVisit {
  readonly page: VisitPage;
  readonly front: FrontMeasurement;
  /** Saves changed facts of the visit as they are made. */
  readonly change: (change: Partial<VisitWrite>) => Promise<void>;
}

/** A visit with what its takes say; null while it isn't there. */
export function useVisitPage(visitId: string): { readonly loaded: LoadedVisit | null; readonly problem: string | null } {
  const { data: page, problem } = useVisit(visitId);
  const send = useSend();
  const takes = page?.takes;
  const stationMm = page?.visit.stationMm ?? 0;
  const front = useMemo(() => (takes === undefined ? null : frontMeasurement(takes, stationMm)), [takes, stationMm]);
  if (page === null || front === null) return { loaded: null, problem };
  const { id: _id, fitter: _fitter, ...write } = page.visit;
  return { loaded: { page, front, change: (change) => send({ kind: 'visit', visitId, body: { ...write, ...change } }) }, problem: null };
}
