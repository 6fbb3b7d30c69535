import { SECTION_STATIONS } from '../back';
import { takesSpread } from '../front';
import { type BodyInput } from '../sit';
import { liftOfFacts } from './facts-read';
import { handOfVisit } from './hand-of-visit';
import { type MeasuredVisit } from './measured-visit';
import { type RecordedFact } from './recorded';

/** Everything the engine needs of a visit, as plain data. */
export function bodyInputOf(measured: MeasuredVisit, facts: readonly RecordedFact[]): BodyInput {
  const { sections, topline, landmarks } = measured;
  return {
    stations: SECTION_STATIONS.flatMap((station) => {
      const { consensus, takenAtMm, accepted } = sections[station];
      if (consensus === null) return [];
      return [{ station, xMm: takenAtMm, section: consensus, spread: takesSpread(accepted, handOfVisit(measured, station)) }];
    }),
    topline: topline.consensus,
    toplineAsLast: topline.accepted.some((t) => t.asLast !== undefined),
    landmarks,
    liftMm: liftOfFacts(facts),
  };
}
