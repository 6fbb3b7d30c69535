import { type School, type SectionMeasurement, type MeasuredVisit, measuredVisit, tracedVisit } from '@fulcra/core';
import { type FactBody, type VisitFields, type VisitPage } from '@fulcra/contract';
import { useCallback, useMemo } from 'react';
import { v7 } from 'uuid';
import { momentNow } from '../platform/clock';
import { type KnownSchools, useSchools } from '../platform/use-schools';
import { useSend } from '../platform/use-send';
import { useVisit } from '../platform/use-views';
import { useToast } from '../ui/toast';
import { VISIT_PHRASES } from '../words/visit-phrases';

export interface LoadedVisit {
  readonly page: VisitPage;
  readonly measured: MeasuredVisit;
  readonly front: SectionMeasurement;
  /** The rules it is judged by. */
  readonly school: School;
  /** All the practice has: an earlier setting may have been tried under another. */
  readonly schools: KnownSchools;
  /** Everything in it stays as it was until it is opened again. */
  readonly closed: boolean;
  /** Saves changed facts of the visit as they are made; `seen` is what they were changed from, where that is not what stands there now. */
  readonly change: (change: Partial<VisitFields>, seen?: Partial<VisitFields>) => Promise<boolean>;
  /** Adds something found or said, with its undo offered where a text for it is given. @returns its id, or null where it wasn't kept */
  readonly note: (body: FactBody, said?: string) => Promise<string | null>;
  readonly withdrawFact: (factId: string, withdrawn?: boolean) => Promise<boolean>;
}

/** A visit with what its takes and facts say; null while it isn't there. */
export function useVisitPage(visitId: string): { readonly loaded: LoadedVisit | null; readonly problem: string | null } {
  const { data: page, problem } = useVisit(visitId);
  const send = useSend();
  const toast = useToast();
  const schools = useSchools();
  const takes = page?.takes;
  const traced = useMemo(() => (takes === undefined ? null : tracedVisit(takes)), [takes]);
  const measured = useMemo(() => (page === null || traced === null ? null : measuredVisit(page, traced)), [page, traced]);
  const closed = page?.visit.status === 'done';
  /** Says why nothing is entered at a closed visit. @returns whether it is open */
  const isOpen = useCallback(() => {
    if (closed) toast({ text: VISIT_PHRASES.closedStays });
    return !closed;
  }, [closed, toast]);
  const withdrawFact = useCallback(
    async (factId: string, withdrawn = true) => isOpen() && send({ kind: 'factWithdrawal', visitId, factId, body: { withdrawn } }),
    [isOpen, send, visitId],
  );
  const note = useCallback(
    async (body: FactBody, said?: string) => {
      if (!isOpen()) return null;
      const factId = v7();
      const kept = await send({ kind: 'fact', visitId, factId, body: { madeAt: momentNow(), body } });
      if (kept && said !== undefined) toast({ text: said, undo: () => void withdrawFact(factId) });
      return kept ? factId : null;
    },
    [isOpen, send, toast, visitId, withdrawFact],
  );
  if (page === null || measured === null) return { loaded: null, problem };
  const school = schools.of(page.visit.schoolId);
  if (school === null) return { loaded: null, problem: schools.asking ? null : VISIT_PHRASES.schoolNotHere };
  const { id: _id, fitter: _fitter, ...was } = page.visit;
  const change = async (fields: Partial<VisitFields>, seen: Partial<VisitFields> = {}) =>
    (fields.status === 'open' || isOpen()) && send({ kind: 'visit', visitId, body: { ...was, ...fields, was: { ...was, ...seen } } });
  return {
    loaded: { page, measured, school, schools, front: measured.sections.front, closed, change, note, withdrawFact },
    problem: null,
  };
}
