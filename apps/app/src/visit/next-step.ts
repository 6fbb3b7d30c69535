import { type VisitPage } from '@fulcra/contract';
import { type Station } from '@fulcra/core';
import { STATION_WORDS } from '../words/station-words';
import { type MeasuredVisit } from './measured-visit';

export const STEPS = ['intake', 'feel', 'shape', 'landmarks', 'tracings'] as const;
export type StepId = (typeof STEPS)[number];

/** The tracings a whole back is made of, in the order they are taken. */
export const PROPOSED_TRACINGS = ['front', 'base', 'low', 'lastRib', 'topline'] as const satisfies readonly Station[];

export interface NextStep {
  readonly label: string;
  /** Below the visit's own address. */
  readonly path: string;
}

type Visited = { readonly page: VisitPage; readonly measured: MeasuredVisit };

/** What is done of each step: facts found now, not those brought along. */
export function stepDone({ page, measured }: Visited, step: StepId): boolean {
  const has = (...kinds: string[]): boolean => page.facts.some((f) => !f.withdrawn && kinds.includes(f.body.kind));
  switch (step) {
    case 'intake':
      return has('intake', 'complaint');
    case 'feel':
      return has('feel');
    case 'shape':
      return has('trait');
    case 'landmarks':
      return (
        measured.landmarks.scapula.near.restMm !== null &&
        measured.landmarks.scapula.off.restMm !== null &&
        measured.landmarks.lastRib.atMm !== null
      );
    case 'tracings':
      return missingTracing(measured) === null;
  }
}

export const stepSkipped = ({ page }: Visited, step: StepId): boolean =>
  page.facts.some((f) => !f.withdrawn && f.body.kind === 'skipped' && f.body.step === step);

const WORDS: Readonly<Record<Exclude<StepId, 'tracings'>, string>> = {
  intake: 'Begin with horse and complaint',
  feel: 'Feel the back',
  shape: 'Read the shape',
  landmarks: 'Mark the landmarks',
};

/** Three takes that agree are enough of a station. */
const traced = (measured: MeasuredVisit, station: (typeof PROPOSED_TRACINGS)[number]): boolean =>
  (station === 'topline' ? measured.topline : measured.sections[station]).accepted.length >= 3;

export const missingTracing = (measured: MeasuredVisit): (typeof PROPOSED_TRACINGS)[number] | null =>
  PROPOSED_TRACINGS.find((s) => !traced(measured, s)) ?? null;

/** Where the fitter is: at a step, at a station, or on the visit itself. */
export type Here = { readonly step: Exclude<StepId, 'tracings'> } | { readonly station: Station } | null;

const EARLY = ['intake', 'feel', 'shape', 'landmarks'] as const;

/** What the visit proposes next. Anything can be done in any order; from a step it goes on to the ones after it. */
export function nextStep(visited: Visited, here: Here = null): NextStep {
  const from = here !== null && 'step' in here ? EARLY.indexOf(here.step) + 1 : 0;
  const atStation = here !== null && 'station' in here;
  const open = atStation ? undefined : EARLY.slice(from).find((s) => !stepDone(visited, s) && !stepSkipped(visited, s));
  if (open !== undefined) return { label: WORDS[open], path: open };
  const station = missingTracing(visited.measured);
  if (station !== null && (here !== null || !stepSkipped(visited, 'tracings'))) {
    return { label: `Next: ${STATION_WORDS[station].name}`, path: `trace/${station}` };
  }
  if (atStation) return { label: 'See the whole back', path: 'back' };
  if (visited.page.decision === null) return { label: 'See what fits', path: 'fit' };
  return { label: 'Print the template', path: 'template' };
}
