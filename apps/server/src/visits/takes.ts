import { type TakeRecord, type TakeWrite } from '@fulcra/contract';
import { type DataSource, type EntityManager, In } from 'typeorm';
import { type AppendCollection, appendCollection } from './append-collection';
import { refuseSixth, refuseUnreadable, sameTake } from './take-rules';
import { TakeEntity, type TakeRow } from './visit.entity';

export interface Takes extends AppendCollection<TakeWrite, TakeRecord> {
  /** Those of the visits at which something was traced. */
  visitsWithAny(practiceId: string, visitIds: readonly string[]): Promise<ReadonlySet<string>>;
}

export const takes = (db: DataSource): Takes => ({
  ...appendCollection<TakeRow, TakeWrite, TakeRecord>(db, {
    entity: TakeEntity,
    columns: ({ takenAt, ...take }) => ({ ...take, takenAt: new Date(takenAt), withdrawn: false }),
    same: sameTake,
    immutable: 'TAKE_IMMUTABLE',
    guard: async (tx, visit, take) => {
      refuseUnreadable(take);
      refuseSixth(await heldAt(tx, visit.id, take.station));
    },
    guardWithdrawal: async (tx, visit, row, withdrawn) => {
      if (!withdrawn) refuseSixth(await heldAt(tx, visit.id, row.station));
    },
    sentOut: ({ practiceId: _, handId: __, seq: ___, takenAt, withdrawn, ...rest }, hand) => ({
      ...rest,
      takenAt: takenAt.toISOString(),
      withdrawn: Boolean(withdrawn),
      hand,
    }),
  }),
  visitsWithAny: async (practiceId, visitIds) => {
    if (visitIds.length === 0) return new Set();
    const where = { practiceId, visitId: In([...visitIds]), withdrawn: false };
    const rows = await db.getRepository(TakeEntity).find({ where, select: { visitId: true } });
    return new Set(rows.map((r) => r.visitId));
  },
});

const heldAt = (tx: EntityManager, visitId: string, station: TakeWrite['station']): Promise<number> =>
  tx.getRepository(TakeEntity).countBy({ visitId, station, withdrawn: false });
