import { type School } from '../schools/school';
import { type DescribedSaddle, pointsAheadMm } from '../saddle/saddle-setup';
import { type HorseBody, scapulaEdgeMm } from '../sit/body/horse-body';

const STEP_MM = 5;

/** What of a school places a saddle. */
export interface PlacingRules {
  readonly rules: Pick<School['rules'], 'pointBehindScapula'>;
  readonly front: Pick<School['front'], 'stationMm'>;
}

/**
 * Where a saddle is tried first: as far forward as the school lets its points come, to the next whole step; where the school has no
 * rule for the points, where it takes the front. Bars are judged there, not placed by: few saddles could be laid on a back at all
 * if their bars had to come first. Where the scapula wasn't felt, the school's own front station.
 */
export function naturalPlaceMm(body: Pick<HorseBody, 'scapula'>, saddle: DescribedSaddle, { rules, front }: PlacingRules): number {
  const rest = scapulaEdgeMm(body, 'restMm');
  const behind = rules.pointBehindScapula?.least ?? null;
  const place = rest === null ? front.stationMm : rest + (behind === null ? front.stationMm : behind + pointsAheadMm(saddle));
  return STEP_MM * Math.ceil(place / STEP_MM - 1e-9);
}
