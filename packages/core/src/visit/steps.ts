import { type WholeStation, WHOLE_STATIONS, isLine } from '../back';
import { type MeasuredVisit } from './measured-visit';
import { type FactKind, type RecordedFact, type StepId, factsOfKind } from './recorded';

/** Takes that agree that are enough of a station (trade rule: measure three times). */
export const ENOUGH_TAKES = 3;

export interface Visited {
  readonly page: { readonly facts: readonly RecordedFact[] };
  readonly measured: MeasuredVisit;
}

/** What is done of each step: facts found now, not those brought along. */
export function stepDone({ page, measured }: Visited, step: StepId): boolean {
  const has = (...kinds: FactKind[]): boolean => kinds.some((kind) => factsOfKind(page.facts, kind).length > 0);
  const { scapula, lastRib } = measured.landmarks;
  switch (step) {
    case 'intake':
      return has('intake', 'complaint');
    case 'feel':
      return has('feel');
    case 'shape':
      return has('trait');
    case 'landmarks':
      return scapula.near.restMm !== null && scapula.off.restMm !== null && lastRib.atMm !== null;
    case 'tracings':
      return missingTracing(measured) === null;
  }
}

export const stepSkipped = ({ page }: Visited, step: StepId): boolean => factsOfKind(page.facts, 'skipped').some((f) => f.step === step);

const measurementOf = (measured: MeasuredVisit, station: WholeStation) =>
  isLine(station) ? measured[station] : measured.sections[station];

/** The first tracing of a whole back that hasn't enough takes that agree; null when all have. */
export const missingTracing = (measured: MeasuredVisit): WholeStation | null =>
  WHOLE_STATIONS.find((s) => measurementOf(measured, s).accepted.length < ENOUGH_TAKES) ?? null;
