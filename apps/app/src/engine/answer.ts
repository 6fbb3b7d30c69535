import { type Need, frontFit, prepareSection, rankSaddles, schoolById, seededRandom } from '@fulcra/core';
import { type FitAnswers, type FitQuestion } from './fit-protocol';

/** Same takes, same redraws: an answer doesn't change by being asked again. */
const SEED = 20_261_123;
/** What this slice can measure. */
export const MEASURED: ReadonlySet<Need> = new Set<Need>(['frontSection']);

export function answerOf(question: FitQuestion): FitAnswers[keyof FitAnswers] {
  const school = schoolById(question.schoolId);
  const { section, takenAtMm } = question;
  if (question.kind === 'rankSaddles') return rankSaddles(prepareSection(section), question.saddles, school, takenAtMm);
  return frontFit({ section, takes: question.takes, school, takenAtMm, measured: MEASURED, random: seededRandom(SEED) });
}
