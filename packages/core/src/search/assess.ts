import { type School } from '../schools/school';
import { type CriterionId } from '../schools/criteria';
import { type DescribedSaddle, type SaddleSetup } from '../saddle/saddle-setup';
import { type Outcome, done } from '../problems';
import { type HorseBody } from '../sit/body/horse-body';
import { BACK_POSES, type BackPose } from '../schools/engine';
import { type Pose } from '../sit/contact/settle';
import { type SitVerdict, judgeSitting } from '../judge/judge-sitting';
import { laidFront } from '../judge/sit-values';
import { type RiderLoad } from '../sit/loads';
import { type SitBench, laySaddle, sitBench, sitLaid } from '../sit/sit';

/** One horse under one school, ready for many saddles and settings. */
export interface FitBench {
  readonly body: HorseBody;
  readonly school: School;
  readonly rider: RiderLoad | null;
  readonly strapPullN: number;
  readonly poses: Readonly<Record<BackPose, SitBench>>;
}

export const fitBench = (body: HorseBody, school: School, rider: RiderLoad | null, strapPullN: number): FitBench => ({
  body,
  school,
  rider,
  strapPullN,
  poses: Object.fromEntries(BACK_POSES.map((pose) => [pose, sitBench(body, pose, school.engine)])) as Record<BackPose, SitBench>,
});

/** A setup judged in all three poses. */
export interface Assessed {
  readonly setup: SaddleSetup;
  readonly score: number;
  /** Hard stops of any pose, told once. */
  readonly stops: readonly CriterionId[];
  readonly resting: SitVerdict;
  /** Where the saddle came to rest: a start for settings close by. */
  readonly warm: Readonly<Record<BackPose, Pose>>;
}

/** Stopped setups come after all others, fewer stops first; then by score. */
export const betterOf = (a: Assessed, b: Assessed): number => a.stops.length - b.stops.length || b.score - a.score;

export function assess(bench: FitBench, saddle: DescribedSaddle, setup: SaddleSetup, near: Assessed | null = null): Outcome<Assessed> {
  const { body, school, rider, strapPullN } = bench;
  const front = laidFront(body, saddle, setup);
  const laid = laySaddle({ body, saddle, setup, rider, strapPullN }, school.engine);
  if (!laid.ok) return laid;
  let score = 0;
  const stops = new Set<CriterionId>();
  const warm = {} as Record<BackPose, Pose>;
  let resting: SitVerdict | null = null;
  for (const pose of BACK_POSES) {
    const outcome = sitLaid({ body, saddle, setup, rider, pose, strapPullN }, laid.value, bench.poses[pose], near?.warm[pose] ?? null);
    if (!outcome.ok) return outcome;
    const verdict = judgeSitting({ body, saddle, setup, sitting: outcome.value, laid: front }, school);
    score += school.engine.poseShares[pose] * verdict.score;
    for (const row of verdict.stops) stops.add(row.id);
    warm[pose] = outcome.value.settled.pose;
    if (pose === 'resting') resting = verdict;
  }
  return done({ setup, score, stops: [...stops], resting: resting!, warm });
}
