import { type VisitPage } from '@fulcra/contract';
import { type Consequence, type DatedFact, consequencesOf } from '@fulcra/core';
import { useMemo } from 'react';
import { Banner } from '../ui/banner';
import { consequenceWords } from '../words/intake-words';
import { type LoadedVisit } from './use-visit-page';

/** What was said of the horse at earlier visits and at this one, with its day. */
export function datedFactsOf({ earlier, facts, visit }: Pick<VisitPage, 'earlier' | 'facts' | 'visit'>): DatedFact[] {
  const now = facts.flatMap((f) =>
    !f.withdrawn && f.body.kind === 'intake' ? [{ field: f.body.field, value: f.body.value, on: visit.startedOn, now: true }] : [],
  );
  return [...earlier.map((e) => ({ ...e, now: false })), ...now];
}

export interface ConsequencesPartProps {
  readonly loaded: Pick<LoadedVisit, 'page' | 'measured'>;
  /** Only these, where the place is about them; all if not given. */
  readonly only?: readonly Consequence['code'][];
}

/** What follows for the work from how the horse is just now. */
export function ConsequencesPart({ loaded: { page, measured }, only }: ConsequencesPartProps) {
  const found = useMemo(() => consequencesOf(datedFactsOf(page), measured.traits), [page, measured.traits]);
  return found
    .filter(({ code }) => only === undefined || only.includes(code))
    .map((consequence) => (
      <Banner key={consequence.code} tone="lookOut">
        {consequenceWords(consequence)}
      </Banner>
    ));
}
