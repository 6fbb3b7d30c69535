import { type School } from '../../schools/school';
import { type DescribedSaddle } from '../../saddle/saddle-setup';
import { radFromDeg, SIDES } from '../../units';
import { type HorseBody } from '../body/horse-body';

const STEP_MM = 5;

/**
 * Where a saddle is tried first: as far forward as the school lets its points and its bars come, to the next whole step.
 * Where the scapula wasn't felt, the school's own front station.
 */
export function naturalPlaceMm(body: HorseBody, saddle: DescribedSaddle, school: School): number {
  const { frame } = saddle.build;
  const tip = saddle.front.pointLengthMm * Math.sin(radFromDeg(frame.pointRakeDeg));
  const edge = (of: 'restMm' | 'forwardMm'): number | null => {
    const edges = SIDES.flatMap((side) => body.scapula[side][of] ?? []);
    return edges.length < 2 ? null : Math.max(...edges);
  };
  const [rest, forward] = [edge('restMm'), edge('forwardMm')];
  const { pointBehindScapula, barBehindForward } = school.sit;
  const wanted = [
    rest !== null && pointBehindScapula?.least != null ? rest + pointBehindScapula.least + tip : null,
    forward !== null && barBehindForward?.least != null ? forward + barBehindForward.least - frame.barMm : null,
  ].flatMap((mm) => mm ?? []);
  const place = wanted.length === 0 ? school.front.stationMm : Math.max(...wanted);
  return STEP_MM * Math.ceil(place / STEP_MM - 1e-9);
}
