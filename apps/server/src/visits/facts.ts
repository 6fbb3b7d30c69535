import { isDeepStrictEqual } from 'node:util';
import { type EarlierFact, type Fact, type FactBody, type FactWrite } from '@fulcra/contract';
import { landmarkProblems } from '@fulcra/core';
import { type DataSource } from 'typeorm';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type AppendCollection, appendCollection } from './append-collection';
import { FactEntity, type FactRow } from './fact.entity';

/** What was found and said at visits. */
export type Facts = AppendCollection<FactWrite, Fact>;

export const facts = (db: DataSource): Facts =>
  appendCollection<FactRow, FactWrite, Fact>(db, {
    entity: FactEntity,
    columns: ({ madeAt, body }) => ({ madeAt: new Date(madeAt), body, withdrawn: false }),
    same: (row, { body }) => isDeepStrictEqual(row.body, body),
    immutable: 'FACT_IMMUTABLE',
    guard: async (_tx, _visit, { body }) => refuseImpossible(body),
    sentOut: ({ id, visitId, madeAt, body, withdrawn }, hand) => ({
      id,
      visitId,
      hand,
      madeAt: madeAt.toISOString(),
      body,
      withdrawn: Boolean(withdrawn),
    }),
  });

/** By itself only: what contradicts another device's reading is kept and asked about, never thrown away. */
function refuseImpossible(body: FactBody): void {
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
    .sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
}
