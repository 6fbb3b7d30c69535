import { type Outcome, done } from '../problems';
import { seededRandom } from '../random';
import { type DescribedSaddle, type SaddleSetup } from '../saddle';
import { type StrideGaitId } from '../schools';
import {
  type Assessed,
  type AxisId,
  type BestSetup,
  type Compared,
  type FitBench,
  type FoundBeside,
  type RankingProgress,
  type SearchStep,
  type SitConfidence,
  type StockRanking,
  type StrapChoice,
  AXIS_IDS,
  assess,
  bestSetup,
  bestShims,
  besideNothing,
  compareSettings,
  evenFlock,
  naturalPlaceMm,
  neighbourSetups,
  rankStock,
  sitConfidence,
  strapChoices,
  withoutShims,
} from '../search';
import { type RiddenProgress } from '../sit';
import { type ReadyBody, fitBenchOf } from './ready-body';
import { type RiddenPicture, type SitAsked, type SitPicture, pictureOf, riddenPictureOf } from './sit-picture';

export interface NeighbourOf {
  readonly axis: AxisId;
  readonly direction: -1 | 1;
  readonly assessed: Assessed;
  /** Against the setting asked about, in all poses; null where that one can't be laid. */
  readonly compared: Compared | null;
}

/** Questions answered at once. */
export type SitQuestionKind = {
  readonly sit: { readonly ask: SitAsked; readonly answer: Outcome<SitPicture> };
  readonly neighbours: { readonly ask: SitAsked; readonly answer: readonly NeighbourOf[] };
  readonly straps: { readonly ask: SitAsked; readonly answer: readonly StrapChoice[] };
};

interface Search {
  readonly ask: SitAsked;
  readonly progress: SearchStep;
  readonly answer: Outcome<FoundBeside>;
}

/** Questions that take a while: they tell how far they are, and can be stopped. */
export type SitJobKind = {
  readonly best: Search;
  readonly shims: Search;
  readonly flock: Search;
  readonly ridden: {
    readonly ask: SitAsked & { readonly gaits: readonly StrideGaitId[] };
    readonly progress: RiddenProgress;
    readonly answer: Outcome<RiddenPicture>;
  };
  readonly confidence: { readonly ask: SitAsked; readonly progress: number; readonly answer: SitConfidence };
  readonly rank: {
    readonly ask: Omit<SitAsked, 'saddle' | 'setup' | 'pose'> & { readonly saddles: readonly DescribedSaddle[] };
    readonly progress: RankingProgress;
    readonly answer: StockRanking;
  };
};

/** Same takes, same redraws: an answer doesn't change by being asked again. */
const SEED = 20_261_123;
const REDRAWS = 60;

/** One real step either way on everything that can be turned, each judged in all poses. */
export function neighboursOf(ready: ReadyBody, asked: SitAsked): NeighbourOf[] {
  if (!ready.body.ok) return [];
  const bench = fitBenchOf(ready, ready.body.value, asked);
  const here = assess(bench, asked.saddle, asked.setup);
  return neighbourSetups(asked.saddle, asked.setup, AXIS_IDS).flatMap(({ axis, direction, setup }) => {
    const outcome = assess(bench, asked.saddle, setup, here.ok ? here.value : null);
    if (!outcome.ok) return [];
    return [{ axis, direction, assessed: outcome.value, compared: here.ok ? compareSettings(here.value, outcome.value) : null }];
  });
}

type Quick = { readonly [K in keyof SitQuestionKind]: (ready: ReadyBody, asked: SitAsked) => SitQuestionKind[K]['answer'] };

export const QUICK: Quick = {
  sit: (ready, asked) => pictureOf(ready, asked),
  neighbours: neighboursOf,
  straps: (ready, asked) => (ready.body.ok ? strapChoices(fitBenchOf(ready, ready.body.value, asked), asked.saddle, asked.setup) : []),
};

type Jobs = {
  readonly [K in keyof SitJobKind]: (
    ready: ReadyBody,
    asked: SitJobKind[K]['ask'],
  ) => Generator<SitJobKind[K]['progress'], SitJobKind[K]['answer']>;
};

/** @param nothing the setting with nothing done, which what is found is held against */
function* searched(
  ready: ReadyBody,
  asked: SitAsked,
  nothing: SaddleSetup,
  search: (bench: FitBench) => Generator<SearchStep, Outcome<BestSetup>>,
): Generator<SearchStep, Outcome<FoundBeside>> {
  if (!ready.body.ok) return ready.body;
  const bench = fitBenchOf(ready, ready.body.value, asked);
  const found = yield* search(bench);
  return found.ok ? done(besideNothing(found.value, assess(bench, asked.saddle, nothing))) : found;
}

export const JOBS: Jobs = {
  best: (ready, asked) =>
    searched(ready, asked, asked.setup, (bench) => bestSetup(bench, asked.saddle, naturalPlaceMm(bench.body, asked.saddle, bench.school))),
  shims: (ready, asked) => searched(ready, asked, withoutShims(asked.setup), (bench) => bestShims(bench, asked.saddle, asked.setup)),
  flock: (ready, asked) => searched(ready, asked, asked.setup, (bench) => evenFlock(bench, asked.saddle, asked.setup)),
  ridden: function* (ready, { gaits, ...asked }) {
    return yield* riddenPictureOf(ready, asked, gaits);
  },
  confidence: function* (ready, asked) {
    const { saddle, setup, rider, strapPullN, school } = asked;
    const question = { saddle, setup, rider, strapPullN, school, redraws: REDRAWS, random: seededRandom(SEED) };
    return yield* sitConfidence({ input: ready.input, ...question });
  },
  rank: function* (ready, asked) {
    if (!ready.body.ok)
      return { ranked: [], refused: asked.saddles.map(({ id }) => ({ id, problems: ready.body.ok ? [] : ready.body.problems })) };
    return yield* rankStock(fitBenchOf(ready, ready.body.value, asked), asked.saddles);
  },
};
