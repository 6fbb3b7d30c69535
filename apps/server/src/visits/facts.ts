import { isDeepStrictEqual } from 'node:util';
import { type Fact, type FactWrite } from '@fulcra/contract';
import { type DataSource } from 'typeorm';
import { saysInUse } from '../horses/in-use';
import { rebuildStanding } from '../horses/standing';
import { type AppendCollection, appendCollection } from './append-collection';
import { refuseImpossible } from './fact-rules';
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
    after: async (tx, { practiceId, horseId }, { body }) => {
      if (saysInUse(body.kind)) await rebuildStanding(tx, practiceId, horseId);
    },
    sentOut: ({ id, visitId, madeAt, body, withdrawn }, hand) => ({
      id,
      visitId,
      hand,
      madeAt: madeAt.toISOString(),
      body,
      withdrawn: Boolean(withdrawn),
    }),
  });
