import { VISIT_PHRASES } from '../words/visit-phrases';
import { type VisitPage } from '@fulcra/contract';
import { type MeasuredVisit, type Station, type StepId, missingTracing, stepDone, stepSkipped } from '@fulcra/core';
import { STATION_WORDS } from '../words/station-words';
import { STEP_WORDS } from '../words/step-words';

export interface NextStep {
  readonly label: string;
  /** Below the visit's own address. */
  readonly path: string;
}

type Visited = { readonly page: VisitPage; readonly measured: MeasuredVisit };

/** Where the fitter is: at a step, at a station, or on the visit itself. */
export type Here = { readonly step: Exclude<StepId, 'tracings'> } | { readonly station: Station } | null;

const EARLY = ['intake', 'feel', 'shape', 'landmarks'] as const;

/** What the visit proposes next. Anything can be done in any order; from a step it goes on to the ones after it. */
export function nextStep(visited: Visited, here: Here = null): NextStep {
  if (visited.page.visit.status === 'done') return closedStep(visited, here);
  const from = here !== null && 'step' in here ? EARLY.indexOf(here.step) + 1 : 0;
  const atStation = here !== null && 'station' in here;
  const open = atStation ? undefined : EARLY.slice(from).find((s) => !stepDone(visited, s) && !stepSkipped(visited, s));
  if (open !== undefined) return { label: STEP_WORDS[open], path: open };
  const station = missingTracing(visited.measured);
  if (station !== null && (here !== null || !stepSkipped(visited, 'tracings'))) {
    return { label: VISIT_PHRASES.next(STATION_WORDS[station].name), path: `trace/${station}` };
  }
  if (atStation) return { label: VISIT_PHRASES.seeTheWhole, path: 'back' };
  if (visited.page.decision === null) return { label: VISIT_PHRASES.seeWhatFits, path: 'front' };
  return { label: VISIT_PHRASES.printTheTemplate, path: 'template' };
}

/** A visit that is closed isn't gone on with: what is wanted of it are its papers. */
const closedStep = ({ page }: Visited, here: Here): NextStep =>
  here === null || page.decision === null
    ? { label: VISIT_PHRASES.report, path: 'report' }
    : { label: VISIT_PHRASES.printTheTemplate, path: 'template' };
