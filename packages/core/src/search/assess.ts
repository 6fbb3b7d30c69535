import { type School } from '../schools/school';
import { type CriterionId } from '../schools/criteria';
import { type DescribedSaddle, type SaddleSetup } from '../saddle/saddle-setup';
import { type Outcome, done } from '../problems';
import { type HorseBody } from '../sit/body/horse-body';
import { BACK_POSES, type BackPose } from '../schools/engine';
import { type Pose } from '../sit/contact/rigid';
import { type SitVerdict, judgeSitting } from '../judge/judge-sitting';
import { laidFront } from '../judge/sit-values';
import { type ValueErrors, NO_ERRORS } from '../judge/value-errors';
import { type RiderLoad } from '../sit/loads';
import { type SitBench, laySaddle, sitBench, sitLaid } from '../sit/sit';
import { CELL_MM } from '../sit/seat-cells';

/** One horse under one school, ready for many saddles and settings. */
export interface FitBench {
  readonly body: HorseBody;
  readonly school: School;
  readonly rider: RiderLoad | null;
  readonly strapPullN: number;
  readonly poses: Readonly<Record<BackPose, SitBench>>;
  /** How far off the numbers of a saddle on this horse may be. */
  readonly errorsOf: (saddle: DescribedSaddle) => ValueErrors;
}

/** @param cellMm of the panel's cells; finer only where a picture is wanted */
export const fitBench = (
  body: HorseBody,
  school: School,
  rider: RiderLoad | null,
  strapPullN: number,
  errorsOf: FitBench['errorsOf'] = () => NO_ERRORS,
  cellMm: number = CELL_MM.search,
): FitBench => ({
  errorsOf,
  body,
  school,
  rider,
  strapPullN,
  poses: Object.fromEntries(BACK_POSES.map((pose) => [pose, sitBench(body, pose, school.engine, cellMm)])) as Record<BackPose, SitBench>,
});

/** A setup judged in all three poses; with `ridden`, in strides as well. */
export interface Assessed {
  readonly setup: SaddleSetup;
  /** What settings are ranked by: with strides and pushes where it was ridden. */
  readonly score: number;
  /** Without them, in the three poses: the one score of a setting, wherever it is told. */
  readonly standing: number;
  /** Whether it comes to rest in every pose. */
  readonly sits: boolean;
  /** Hard stops of any pose, told once: only those missed clearly. */
  readonly stops: readonly CriterionId[];
  /** By how far the hard stops are missed, in the school's scales, each in the pose in which it is missed most. */
  readonly stopMiss: number;
  readonly resting: SitVerdict;
  /** Whether strides and pushes are in score, stops and rows. */
  readonly ridden: boolean;
  /** Where the saddle came to rest: a start for settings close by. */
  readonly warm: Readonly<Record<BackPose, Pose>>;
}

/** What sits comes first, then what misses its hard stops by least, then the better score. */
export const betterOf = (a: Ordered, b: Ordered): number => Number(b.sits) - Number(a.sits) || a.stopMiss - b.stopMiss || b.score - a.score;
export type Ordered = Pick<Assessed, 'sits' | 'stopMiss' | 'score'>;

/** The hard stops that a few verdicts of one setup miss, each by the worst of them. */
export function stopsOf(verdicts: readonly SitVerdict[]): Pick<Assessed, 'stops' | 'stopMiss'> {
  const missed = new Map<CriterionId, number>();
  for (const row of verdicts.flatMap((v) => v.stops)) missed.set(row.id, Math.max(missed.get(row.id) ?? 0, Math.abs(row.outside)));
  return { stops: [...missed.keys()], stopMiss: [...missed.values()].reduce((s, v) => s + v, 0) };
}

export function assess(bench: FitBench, saddle: DescribedSaddle, setup: SaddleSetup, near: Assessed | null = null): Outcome<Assessed> {
  const { body, school, rider, strapPullN } = bench;
  const front = laidFront(body, saddle, setup);
  const laid = laySaddle({ body, saddle, setup, rider, strapPullN }, school.engine);
  if (!laid.ok) return laid;
  let [score, sits] = [0, true];
  const warm = {} as Record<BackPose, Pose>;
  const verdicts: SitVerdict[] = [];
  const errors = bench.errorsOf(saddle);
  for (const pose of BACK_POSES) {
    const outcome = sitLaid({ body, saddle, setup, rider, pose, strapPullN }, laid.value, bench.poses[pose], near?.warm[pose] ?? null);
    if (!outcome.ok) return outcome;
    const verdict = judgeSitting({ body, saddle, setup, sitting: outcome.value, laid: front, ridden: null }, school, errors);
    score += school.engine.poseShares[pose] * verdict.score;
    verdicts.push(verdict);
    sits &&= outcome.value.settled.state === 'settled';
    warm[pose] = outcome.value.settled.pose;
  }
  return done({
    setup,
    score,
    standing: score,
    sits,
    ...stopsOf(verdicts),
    resting: verdicts[BACK_POSES.indexOf('resting')]!,
    ridden: false,
    warm,
  });
}
