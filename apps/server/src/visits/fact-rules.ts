import { type EarlierFact, type Fact, type FactBody } from '@fulcra/contract';
import { landmarkProblems } from '@fulcra/core';
import { FulcraError } from '../platform/errors/fulcra-error';

/** By itself only: what contradicts another device's reading is kept and asked about, never thrown away. */
export function refuseImpossible(body: FactBody): void {
  if (body.kind !== 'landmark') return;
  const problems = landmarkProblems(body, []);
  if (problems.length > 0) throw new FulcraError('LANDMARK_REFUSED', { problems });
}

/**
 * Dated facts of a horse from its visits up to a day, without the one named, oldest first.
 * @param dayOf the day of each visit
 */
export function earlierFacts(
  said: readonly Fact[],
  dayOf: ReadonlyMap<string, string>,
  butVisitId: string | null,
  upTo: string | null,
): EarlierFact[] {
  return said
    .flatMap(({ visitId, body, withdrawn }) => {
      const on = dayOf.get(visitId);
      const counts = on !== undefined && visitId !== butVisitId && (upTo === null || on <= upTo) && !withdrawn;
      return counts && body.kind === 'intake' ? [{ field: body.field, value: body.value, on }] : [];
    })
    .sort((a, b) => a.on.localeCompare(b.on));
}
