import { type HandSoFar, type Section, type Take } from '../back';
import { type FrontFit, type RankedSaddle, type SinkOfWidths, frontFit, prepareSection, rankSaddles } from '../front';
import { type Outcome } from '../problems';
import { seededRandom } from '../random';
import { type DescribedSaddle } from '../saddle';
import { type Need, type School } from '../schools';
import { frontSink, sinksOfStock } from '../search';
import { type BodyInput } from '../sit';

/** What may be asked of the front alone. */
export type FrontQuestion =
  | {
      readonly kind: 'frontFit';
      readonly section: Section;
      readonly takes: readonly Take[];
      /** What other takes of the same hand say of it. */
      readonly hand?: HandSoFar;
      readonly school: School;
      readonly takenAtMm: number;
      /** The back behind the front, where it was measured: how far the front comes down is then found by settling a saddle on it. */
      readonly body?: BodyInput;
      /** What the front may be built into. */
      readonly stock?: readonly DescribedSaddle[];
    }
  | {
      /** How far the front of one saddle comes down at each of its widths. */
      readonly kind: 'sinkOfWidths';
      readonly saddle: DescribedSaddle;
      readonly school: School;
      readonly body: BodyInput;
    }
  | {
      readonly kind: 'rankSaddles';
      readonly section: Section;
      readonly saddles: readonly DescribedSaddle[];
      readonly school: School;
      readonly takenAtMm: number;
      readonly body?: BodyInput;
    };

export interface FrontAnswers {
  readonly frontFit: Outcome<FrontFit>;
  readonly rankSaddles: readonly RankedSaddle[];
  /** Null where the back behind the front isn't known. */
  readonly sinkOfWidths: SinkOfWidths | null;
}

/** Same takes, same redraws: an answer doesn't change by being asked again. */
const FRONT_SEED = 20_261_123;
/** What a front section alone measures. */
export const FRONT_MEASURED: ReadonlySet<Need> = new Set<Need>(['frontSection']);

export function frontAnswerOf(question: FrontQuestion): FrontAnswers[keyof FrontAnswers] {
  const { school } = question;
  if (question.kind === 'sinkOfWidths') return sinksOfStock(question.body, school, [question.saddle])?.get(question.saddle.id) ?? null;
  const { section, takenAtMm, body } = question;
  if (question.kind === 'rankSaddles') {
    const sinks = body === undefined ? null : sinksOfStock(body, school, question.saddles);
    const saddles = question.saddles.map(({ id, front, build }) => ({ id, front, depthFrontMm: build.panel.depthFrontMm }));
    return rankSaddles(prepareSection(section), saddles, school, takenAtMm, (id) => sinks?.get(id));
  }
  const sink = body === undefined ? null : frontSink(body, school, question.stock ?? []);
  const random = seededRandom(FRONT_SEED);
  return frontFit({
    section,
    takes: question.takes,
    school,
    takenAtMm,
    measured: FRONT_MEASURED,
    random,
    ...(question.hand === undefined ? {} : { hand: question.hand }),
    ...(sink === null ? {} : { sink }),
  });
}
