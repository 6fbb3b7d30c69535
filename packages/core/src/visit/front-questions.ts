import { type HandSoFar, type Section, type Take } from '../back';
import { type FrontFit, type FrontSink, type RankedSaddle, frontFit, prepareSection, rankSaddles } from '../front';
import { type Outcome } from '../problems';
import { seededRandom } from '../random';
import { type SaddleFront } from '../saddle';
import { type Need, type School } from '../schools';
import { frontSink } from '../search';
import { type BodyInput, bodyFrom } from '../sit';

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
    }
  | {
      readonly kind: 'rankSaddles';
      readonly section: Section;
      readonly saddles: readonly { readonly id: string; readonly front: SaddleFront }[];
      readonly school: School;
      readonly takenAtMm: number;
      readonly body?: BodyInput;
    };

export interface FrontAnswers {
  readonly frontFit: Outcome<FrontFit>;
  readonly rankSaddles: readonly RankedSaddle[];
}

/** Same takes, same redraws: an answer doesn't change by being asked again. */
const FRONT_SEED = 20_261_123;
/** What a front section alone measures. */
export const FRONT_MEASURED: ReadonlySet<Need> = new Set<Need>(['frontSection']);

export function frontAnswerOf(question: FrontQuestion): FrontAnswers[keyof FrontAnswers] {
  const { section, school, takenAtMm } = question;
  const sink = question.body === undefined ? null : sinkOn(question.body, school);
  if (question.kind === 'rankSaddles') return rankSaddles(prepareSection(section), question.saddles, school, takenAtMm, sink ?? undefined);
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

/** What settling a saddle on the whole back says of its front; null where the back isn't known well enough. */
function sinkOn(input: BodyInput, school: School): FrontSink | null {
  const body = bodyFrom(input);
  return body.ok ? frontSink(body.value, school) : null;
}
