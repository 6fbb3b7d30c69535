import { SECTION_STATIONS } from '../back';
import { takesSpread } from '../front';
import { type BodyInput } from '../sit';
import { liftOfFacts } from './facts-read';
import { type MeasuredVisit } from './measured-visit';
import { type RecordedFact } from './recorded';

/** Everything the engine needs of a visit, as plain data. */
export function bodyInputOf({ sections, topline, landmarks }: MeasuredVisit, facts: readonly RecordedFact[]): BodyInput {
  return {
    stations: SECTION_STATIONS.flatMap((station) => {
      const { consensus, takenAtMm, accepted } = sections[station];
      return consensus === null ? [] : [{ station, xMm: takenAtMm, section: consensus, spread: takesSpread(accepted) }];
    }),
    topline: topline.consensus,
    toplineAsLast: topline.accepted.some((t) => t.asLast !== undefined),
    landmarks,
    liftMm: liftOfFacts(facts),
  };
}
