import { type StrideGaitId } from '../schools/stride';
import { type DescribedSaddle } from '../saddle/saddle-setup';
import { judgeSitting } from '../judge/judge-sitting';
import { laidFront } from '../judge/sit-values';
import { ride } from '../sit/ridden';
import { sit } from '../sit/sit';
import { type Assessed, type FitBench } from './assess';

/** Gaits a saddle is ranked by: it is ridden in these, whatever else is. */
export const RANKED_GAITS: readonly StrideGaitId[] = ['walk', 'trotSitting'];

/** A setup that was judged standing, judged again with what strides and pushes find; unchanged where it can't be ridden. */
export function* assessRidden(bench: FitBench, saddle: DescribedSaddle, assessed: Assessed): Generator<number, Assessed> {
  const { body, school, rider, strapPullN } = bench;
  const { setup } = assessed;
  const question = { body, saddle, setup, rider, pose: 'resting' as const, strapPullN };
  const sitting = sit(question, bench.poses.resting, assessed.warm.resting);
  if (!sitting.ok || sitting.value.settled.state !== 'settled') return assessed;
  const riding = ride(question, bench.poses.resting, RANKED_GAITS);
  let step = riding.next();
  for (; !step.done; step = riding.next()) yield step.value.done;
  if (!step.value.ok) return assessed;
  const laid = laidFront(body, saddle, setup);
  const resting = judgeSitting(
    { body, saddle, setup, sitting: sitting.value, laid, ridden: step.value.value },
    school,
    bench.errorsOf(saddle),
  );
  const score = assessed.score + school.engine.poseShares.resting * (resting.score - assessed.resting.score);
  // what the poses miss stays; what only strides answer comes on top
  const more = resting.stops.filter((r) => !assessed.stops.includes(r.id));
  const stops = [...assessed.stops, ...more.map((r) => r.id)];
  const stopMiss = assessed.stopMiss + more.reduce((sum, r) => sum + Math.abs(r.outside), 0);
  return { ...assessed, resting, score, stops, stopMiss, ridden: true };
}
