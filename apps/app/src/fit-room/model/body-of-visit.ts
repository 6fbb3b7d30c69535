import { type VisitPage } from '@fulcra/contract';
import { type BodyInput, SECTION_STATIONS, takesSpread } from '@fulcra/core';
import { type MeasuredVisit } from '../../visit/measured-visit';

/** Everything the engine needs of a visit, as plain data. */
export function bodyInputOf({ sections, topline, landmarks }: MeasuredVisit, facts: VisitPage['facts']): BodyInput {
  return {
    stations: SECTION_STATIONS.flatMap((station) => {
      const { consensus, takenAtMm, accepted } = sections[station];
      return consensus === null ? [] : [{ station, xMm: takenAtMm, section: consensus, spread: takesSpread(accepted) }];
    }),
    topline: topline.consensus,
    landmarks,
    liftMm: liftOf(facts),
  };
}

/** The last belly lift that was measured, mm. */
function liftOf(facts: VisitPage['facts']): number | null {
  const rises = facts.flatMap((f) => (!f.withdrawn && f.body.kind === 'bellyLift' && f.body.riseMm !== null ? [f.body.riseMm] : []));
  return rises.at(-1) ?? null;
}
