import { type School } from '../schools/school';
import { type DescribedSaddle, pointsAheadMm } from '../saddle/saddle-setup';
import { type HorseBody, scapulaEdgeMm } from '../sit/body/horse-body';

const STEP_MM = 5;

/**
 * Where a saddle is tried first: as far forward as the school lets its points and its bars come, to the next whole step.
 * Where the scapula wasn't felt, the school's own front station.
 */
export function naturalPlaceMm(body: Pick<HorseBody, 'scapula'>, saddle: DescribedSaddle, school: School): number {
  const [rest, forward] = [scapulaEdgeMm(body, 'restMm'), scapulaEdgeMm(body, 'forwardMm')];
  const { pointBehindScapula, barBehindForward } = school.rules;
  const wanted = [
    rest !== null && pointBehindScapula?.least != null ? rest + pointBehindScapula.least + pointsAheadMm(saddle) : null,
    forward !== null && barBehindForward?.least != null ? forward + barBehindForward.least - saddle.build.frame.barMm : null,
  ].flatMap((mm) => mm ?? []);
  const place = wanted.length === 0 ? school.front.stationMm : Math.max(...wanted);
  return STEP_MM * Math.ceil(place / STEP_MM - 1e-9);
}
