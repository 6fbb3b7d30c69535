import { isDeepStrictEqual } from 'node:util';
import { type Decision, type DecisionWrite } from '@fulcra/contract';
import { outlineOf } from '@fulcra/core';
import { type DataSource } from 'typeorm';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type AppendCollection, appendCollection } from './append-collection';
import { SaddleEntity } from '../saddles/saddle.entity';
import { DecisionEntity, type DecisionRow } from './visit.entity';

/** What was decided at visits: the last one heard of stands, the earlier ones are kept. */
export type Decisions = AppendCollection<DecisionWrite, Decision>;

export const decisions = (db: DataSource): Decisions =>
  appendCollection<DecisionRow, DecisionWrite, Decision>(db, {
    entity: DecisionEntity,
    columns: (body) => ({ saddleId: body.saddleId, decidedAt: new Date(body.decidedAt), body, outline: outlineOf(body.section) }),
    same: (row, body) => isDeepStrictEqual(row.body, body),
    immutable: 'DECISION_IMMUTABLE',
    guard: async (tx, { practiceId }, { saddleId }) => {
      if (saddleId === null) return;
      if (!(await tx.getRepository(SaddleEntity).existsBy({ id: saddleId, practiceId }))) throw new FulcraError('SADDLE_UNKNOWN');
    },
    sentOut: ({ id, visitId, body }, fitter) => ({ ...body, id, visitId, fitter }),
  });

export interface Decided {
  readonly decision: Decision | null;
  /** Earlier ones, oldest first. */
  readonly superseded: Decision[];
}

/** @param all decisions in the order in which the server heard of them */
export function decidedAt(all: readonly Decision[], visitId: string): Decided {
  const own = all.filter((d) => d.visitId === visitId);
  return { decision: own.at(-1) ?? null, superseded: own.slice(0, -1) };
}
