import { isDeepStrictEqual } from 'node:util';
import { type Decision, type DecisionWrite } from '@fulcra/contract';
import { outlineOf } from '@fulcra/core';
import { type DataSource } from 'typeorm';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type AppendCollection, appendCollection } from './append-collection';
import { rebuildStanding } from '../horses/standing';
import { SaddleEntity } from '../saddles/saddle.entity';
import { DecisionEntity, type DecisionRow } from './visit.entity';

/** What was decided at visits: the last one taken stands, the earlier ones are kept. */
export type Decisions = AppendCollection<DecisionWrite, Decision>;

/** A decision as it is sent out. */
export const decisionOf = ({ id, visitId, body, seq }: DecisionRow, fitter: string): Decision => ({
  ...body,
  id,
  visitId,
  fitter,
  order: Number(seq),
});

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
    after: (tx, { practiceId, horseId }) => rebuildStanding(tx, practiceId, horseId),
    sentOut: decisionOf,
  });
