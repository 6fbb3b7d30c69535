import { type Section, type Take } from '../back';
import { type FrontFit, type RankedSaddle, frontFit, prepareSection, rankSaddles } from '../front';
import { type Outcome } from '../problems';
import { seededRandom } from '../random';
import { type SaddleFront } from '../saddle';
import { type Need, type SchoolId, schoolById } from '../schools';

/** What may be asked of the front alone. */
export type FrontQuestion =
  | {
      readonly kind: 'frontFit';
      readonly section: Section;
      readonly takes: readonly Take[];
      readonly schoolId: SchoolId;
      readonly takenAtMm: number;
    }
  | {
      readonly kind: 'rankSaddles';
      readonly section: Section;
      readonly saddles: readonly { readonly id: string; readonly front: SaddleFront }[];
      readonly schoolId: SchoolId;
      readonly takenAtMm: number;
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
  const school = schoolById(question.schoolId);
  const { section, takenAtMm } = question;
  if (question.kind === 'rankSaddles') return rankSaddles(prepareSection(section), question.saddles, school, takenAtMm);
  return frontFit({ section, takes: question.takes, school, takenAtMm, measured: FRONT_MEASURED, random: seededRandom(FRONT_SEED) });
}
