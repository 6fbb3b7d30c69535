import { type Outcome, done } from '../problems';
import { type StrideGaitId } from '../schools/stride';
import { type RiderLoad } from './loads';
import { type LaidSaddle, type SitBench, type SitQuestion, laySaddle } from './sit';
import { type PushTest, pushTest, rollShape } from './stiffness';
import { type StrideTold, STRIDE_STEPS, rideStride, strideJob } from './stride';

/** What strides and pushes find of a saddle that rests at halt; pushes and shape are null where it doesn't. */
export interface Ridden {
  readonly push: PushTest | null;
  readonly rollShapeNmPerDeg: number | null;
  readonly strides: Readonly<Partial<Record<StrideGaitId, StrideTold>>>;
}

/** How far it is: instants gone through of all that will be. */
export interface RiddenProgress {
  readonly done: number;
  readonly of: number;
}

/**
 * Pushes a saddle and goes through the strides asked for. Nobody in the saddle: then it is only pushed.
 * A generator: the caller sees every few instants, and stops by not asking for the next.
 */
export function* ride(question: SitQuestion, bench: SitBench, gaits: readonly StrideGaitId[]): Generator<RiddenProgress, Outcome<Ridden>> {
  const laid = laySaddle({ ...question, body: bench.body }, bench.engine);
  return laid.ok ? yield* rideLaid(question, laid, bench, gaits) : laid;
}

/** The same for a saddle that was laid already. */
export function* rideLaid(
  question: SitQuestion,
  laid: { readonly value: LaidSaddle },
  bench: SitBench,
  gaits: readonly StrideGaitId[],
): Generator<RiddenProgress, Outcome<Ridden>> {
  const { rider } = question;
  const asked = strideJob({ ...question, rider: rider ?? NOBODY }, laid.value, bench);
  if (!asked.ok) return asked;
  const job = asked.value;
  const of = 1 + (rider === null ? 0 : gaits.length * STRIDE_STEPS);
  if (job.halt.state !== 'settled') return done({ push: null, rollShapeNmPerDeg: null, strides: {} });
  const push = pushTest(job.job, job.halt, bench.engine.pushes);
  const rollShapeNmPerDeg = rollShape(job.job, job.halt, bench.engine.pushes);
  yield { done: 1, of };
  const strides: Partial<Record<StrideGaitId, StrideTold>> = {};
  for (const [i, gait] of (rider === null ? [] : gaits).entries()) {
    const told = rideStride(job, job.grid, gait);
    let step = told.next();
    for (; !step.done; step = told.next()) yield { done: 1 + i * STRIDE_STEPS + step.value, of };
    strides[gait] = step.value;
  }
  return done({ push, rollShapeNmPerDeg, strides });
}

const NOBODY: RiderLoad = { massKg: 0, offsetMm: 0, stirrupShare: 0, gait: 'stand' };
