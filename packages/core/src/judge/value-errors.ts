import { type School } from '../schools';
import { SDS_OF_90 } from '../stats';
import { type CriterionId, CRITERIA, CRITERION_IDS } from '../schools/criteria';
import { type DescribedSaddle, type SaddleSetup } from '../saddle/saddle-setup';
import { type UnmeasuredId } from '../saddle/saddle-measure-ids';
import { unmeasuredSources } from '../saddle/unmeasured';
import { type SectionStation } from '../back/stations';
import { type BodyInput, bodyFrom } from '../sit/body/body-input';
import { type ErrorSourceId, type Measured, errorSources } from '../sit/body/measured-again';
import { type RiderLoad } from '../sit/loads';
import { CELL_MM } from '../sit/seat-cells';
import { sit, sitBench } from '../sit/sit';
import { type JudgeInput, laidFront, valueOf } from './sit-values';

/** Where the most of an error comes from: what to measure again first. */
export interface ErrorFrom {
  readonly id: ErrorSourceId | 'saddle';
  readonly station: SectionStation | null;
  /** Which number of the saddle nobody measured, where it is that. */
  readonly measure?: UnmeasuredId;
  /** Of the error's square, 0 to 1. */
  readonly share: number;
}

/** How far off one number may be. */
export interface ValueError {
  /** Half of the interval that holds nine in ten. */
  readonly half: number;
  /** Null where nothing that can err moves it. */
  readonly mostly: ErrorFrom | null;
  /** What of the error's square each number of the saddle makes that nobody measured, 0 to 1. */
  readonly unmeasured?: Readonly<Partial<Record<UnmeasuredId, number>>>;
}
export type ValueErrors = Readonly<Partial<Record<CriterionId, ValueError>>>;
export const NO_ERRORS: ValueErrors = {};

export interface ErrorsQuestion {
  readonly input: BodyInput;
  readonly school: School;
  readonly saddle: DescribedSaddle;
  readonly setup: SaddleSetup;
  readonly rider: RiderLoad | null;
}

type Values = Readonly<Partial<Record<CriterionId, number>>>;

/** Numbers that standing saddles answer; those of strides take the error of their like. */
const STANDING: readonly CriterionId[] = CRITERION_IDS.filter((id) => CRITERIA[id].from !== 'ridden');
const LIKE: Readonly<Partial<Record<CriterionId, CriterionId>>> = { withersRidden: 'withersOver', peakRatioRidden: 'peakRatio' };

/**
 * The error of every number of a sitting, by the law of propagation: each source, and each number of the saddle that nobody
 * measured, is moved one standard deviation either way, the saddle is settled again, and the squares of what each does are added up. The mean square of both ways, so that a number with a
 * kink (the closer of two sides) keeps the error it has on its steep side. Nothing is drawn by chance: the same measures have the
 * same errors. Source: Guide to the expression of uncertainty in measurement (JCGM 100:2008), 5.1.
 */
export function valueErrors(question: ErrorsQuestion): ValueErrors {
  const asked: Measured = { input: question.input, putOffMm: 0 };
  const here = valuesOf(asked, question);
  if (here === null) return NO_ERRORS;
  const moved = [...movedHorses(asked, question), ...movedSaddles(asked, question)];
  const found = STANDING.flatMap((id) => {
    const value = here[id];
    return value === undefined ? [] : [[id, errorOf(id, value, moved)] as const];
  });
  const errors: Partial<Record<CriterionId, ValueError>> = Object.fromEntries(found);
  for (const [id, like] of Object.entries(LIKE)) {
    const error = errors[like];
    if (error !== undefined) errors[id as CriterionId] = error;
  }
  return errors;
}

/** What a number is where one thing was otherwise, a standard deviation either way. */
interface Moved {
  readonly from: Omit<ErrorFrom, 'share'>;
  readonly ways: readonly Values[];
}

const movedHorses = (asked: Measured, question: ErrorsQuestion): Moved[] =>
  errorSources(asked.input, question.school.errors).map((source) => ({
    from: { id: source.id, station: source.station },
    ways: [1, -1].flatMap((sds) => valuesOf(source.otherwise(asked, sds), question) ?? []),
  }));

const movedSaddles = (asked: Measured, question: ErrorsQuestion): Moved[] =>
  unmeasuredSources(question.saddle).map((source) => ({
    from: { id: 'saddle', station: null, measure: source.id },
    ways: source.ways(question).flatMap((set) => valuesOf(asked, { ...question, ...set }) ?? []),
  }));

function errorOf(id: CriterionId, value: number, moved: readonly Moved[]): ValueError {
  const bySource = new Map<string, { readonly from: Moved['from']; square: number }>();
  let sum = 0;
  for (const { from, ways } of moved) {
    const squares = ways.flatMap((v) => (v[id] === undefined ? [] : [(v[id] - value) ** 2]));
    if (squares.length === 0) continue;
    const square = squares.reduce((s, v) => s + v, 0) / squares.length;
    const key = Object.values(from).join(' ');
    const known = bySource.get(key) ?? { from, square: 0 };
    known.square += square;
    bySource.set(key, known);
    sum += square;
  }
  const most = [...bySource.values()].sort((a, b) => b.square - a.square)[0];
  const mostly = most === undefined || sum === 0 ? null : { ...most.from, share: most.square / sum };
  const ofSaddle = [...bySource.values()].flatMap<readonly [UnmeasuredId, number]>(({ from, square }) =>
    from.measure === undefined ? [] : [[from.measure, square / sum]],
  );
  return {
    half: SDS_OF_90 * Math.sqrt(sum),
    mostly,
    ...(ofSaddle.length > 0 && sum > 0 && { unmeasured: Object.fromEntries(ofSaddle) }),
  };
}

/** The numbers of one measuring of the horse; null where the saddle can't be laid on it. */
function valuesOf({ input, putOffMm }: Measured, { school, saddle, setup, rider }: ErrorsQuestion): Values | null {
  const body = bodyFrom(input);
  if (!body.ok) return null;
  const put = { ...setup, placeMm: setup.placeMm + putOffMm };
  const question = { body: body.value, saddle, setup: put, rider, pose: 'resting' as const };
  const sitting = sit(question, sitBench(body.value, 'resting', school.engine, CELL_MM.confidence));
  if (!sitting.ok) return null;
  const judged: JudgeInput = { ...question, sitting: sitting.value, laid: laidFront(body.value, saddle, put), ridden: null };
  return Object.fromEntries(
    STANDING.flatMap((id) => {
      const value = valueOf(id, judged, school);
      return value === null || !Number.isFinite(value) ? [] : [[id, value]];
    }),
  );
}
