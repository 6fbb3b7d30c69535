import {
  AXIS_IDS,
  type BackPose,
  type BodyInput,
  type FitBench,
  type HorseBody,
  type Outcome,
  type School,
  SCHOOLS,
  type SitBench,
  type Sitting,
  assess,
  bestSetup,
  bestShims,
  bodyFrom,
  done,
  evenFlock,
  fitBench,
  judgeSitting,
  laidFront,
  naturalPlaceMm,
  neighbourSetups,
  rankStock,
  schoolById,
  seededRandom,
  settledOverlap,
  sit,
  sitBench,
  sitConfidence,
  strapChoices,
} from '@fulcra/core';
import { type NeighbourOf, type SitAsked, type SitJobKind, type SitPicture, type SitQuestionKind } from './sit-protocol';

/** Same takes, same redraws: an answer doesn't change by being asked again. */
const SEED = 20_261_123;
const REDRAWS = 60;

/** One measured horse kept ready between questions: the surfaces of its poses and where saddles were laid on them. */
export class ReadyBody {
  readonly body: Outcome<HorseBody>;
  private readonly benches = new Map<BackPose, SitBench>();

  constructor(readonly input: BodyInput) {
    this.body = bodyFrom(input);
  }

  bench(body: HorseBody, pose: BackPose): SitBench {
    const known = this.benches.get(pose) ?? sitBench(body, pose);
    this.benches.set(pose, known);
    if (known.sampled.size > MOST_SAMPLED) known.sampled.clear();
    return known;
  }
}

/** Sampled backs are dropped all at once when there are more: a slider drawn along the back makes many. */
const MOST_SAMPLED = 40;

const fitBenchOf = (body: HorseBody, { schoolId, rider, strapPullN }: Pick<SitAsked, 'schoolId' | 'rider' | 'strapPullN'>): FitBench =>
  fitBench(body, schoolById(schoolId), rider, strapPullN);

/** The chosen school first, so that the table can begin with it. */
const schoolsFrom = (chosen: SitAsked['schoolId']): School[] => [schoolById(chosen), ...SCHOOLS.filter((s) => s.id !== chosen)];

export function pictureOf(ready: ReadyBody, asked: SitAsked): Outcome<SitPicture> {
  if (!ready.body.ok) return ready.body;
  const body = ready.body.value;
  const outcome = sit({ body, ...asked }, ready.bench(body, asked.pose));
  if (!outcome.ok) return outcome;
  return done(plain(body, asked, outcome.value));
}

function plain(body: HorseBody, asked: SitAsked, sitting: Sitting): SitPicture {
  const { settled, back, seat, measures, shape, stiffness, drift, places, withers, pulls, loads, offTheBackShare } = sitting;
  const laid = laidFront(body, asked.saddle, asked.setup);
  const judged = { body, saddle: asked.saddle, setup: asked.setup, sitting, laid };
  return {
    asked,
    state: settled.state,
    pose: settled.pose,
    residual: settled.residual,
    rounds: settled.iterations,
    grid: {
      countX: back.countX,
      countY: back.countY,
      stepMm: back.stepMm,
      fromXMm: back.x[0]! - back.stepMm / 2,
      fromYMm: back.y[0]! - back.stepMm / 2,
    },
    pressureKPa: settled.pressureKPa,
    overlapMm: settledOverlap(seat, settled),
    measures,
    shape,
    stiffness,
    drift,
    places,
    withers,
    pulls,
    loads,
    offTheBackShare,
    laid,
    verdicts: schoolsFrom(asked.schoolId).map((school) => judgeSitting(judged, school)),
  };
}

/** One real step either way on everything that can be turned, each judged in all poses. */
export function neighboursOf(ready: ReadyBody, asked: SitAsked): NeighbourOf[] {
  if (!ready.body.ok) return [];
  const bench = fitBenchOf(ready.body.value, asked);
  const here = assess(bench, asked.saddle, asked.setup);
  return neighbourSetups(asked.saddle, asked.setup, AXIS_IDS).flatMap(({ axis, direction, setup }) => {
    const outcome = assess(bench, asked.saddle, setup, here.ok ? here.value : null);
    return outcome.ok ? [{ axis, direction, assessed: outcome.value }] : [];
  });
}

type Quick = { readonly [K in keyof SitQuestionKind]: (ready: ReadyBody, asked: SitAsked) => SitQuestionKind[K]['answer'] };

export const QUICK: Quick = {
  sit: pictureOf,
  neighbours: neighboursOf,
  straps: (ready, asked) => (ready.body.ok ? strapChoices(fitBenchOf(ready.body.value, asked), asked.saddle, asked.setup) : []),
  flock: (ready, asked) =>
    ready.body.ok ? evenFlock(ready.bench(ready.body.value, 'resting'), asked.saddle, asked.setup) : asked.setup.flock,
};

type Jobs = {
  readonly [K in keyof SitJobKind]: (
    ready: ReadyBody,
    asked: SitJobKind[K]['ask'],
  ) => Generator<SitJobKind[K]['progress'], SitJobKind[K]['answer']>;
};

export const JOBS: Jobs = {
  best: function* (ready, asked) {
    if (!ready.body.ok) return ready.body;
    const bench = fitBenchOf(ready.body.value, asked);
    return yield* bestSetup(bench, asked.saddle, naturalPlaceMm(ready.body.value, asked.saddle, bench.school));
  },
  shims: function* (ready, asked) {
    if (!ready.body.ok) return ready.body;
    return yield* bestShims(fitBenchOf(ready.body.value, asked), asked.saddle, asked.setup);
  },
  confidence: function* (ready, asked) {
    const { saddle, setup, rider, strapPullN, schoolId } = asked;
    const question = { saddle, setup, rider, strapPullN, school: schoolById(schoolId), redraws: REDRAWS, random: seededRandom(SEED) };
    return yield* sitConfidence({ input: ready.input, ...question });
  },
  rank: function* (ready, asked) {
    if (!ready.body.ok)
      return { ranked: [], refused: asked.saddles.map(({ id }) => ({ id, problems: ready.body.ok ? [] : ready.body.problems })) };
    return yield* rankStock(fitBenchOf(ready.body.value, asked), asked.saddles);
  },
};
