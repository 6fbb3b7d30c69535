import { type TakeRecord, type TakeWrite } from '@fulcra/contract';
import { type DataSource, type EntityManager } from 'typeorm';
import { type AppendCollection, appendCollection } from './append-collection';
import { refuseSixth, refuseUnreadable, sameTake } from './take-rules';
import { TakeEntity, type TakeRow } from './visit.entity';

export type Takes = AppendCollection<TakeWrite, TakeRecord>;

export const takes = (db: DataSource): Takes =>
  appendCollection<TakeRow, TakeWrite, TakeRecord>(db, {
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
  });

const heldAt = (tx: EntityManager, visitId: string, station: TakeWrite['station']): Promise<number> =>
  tx.getRepository(TakeEntity).countBy({ visitId, station, withdrawn: false });
