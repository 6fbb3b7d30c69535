import { isDeepStrictEqual } from 'node:util';
import { type TakeRecord, type TakeWrite } from '@fulcra/contract';
import { MOST_TAKES, isLine, lineFromReading, sectionFromReading } from '@fulcra/core';
import { type DataSource, type EntityManager } from 'typeorm';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type AppendCollection, appendCollection } from './append-collection';
import { TakeEntity, type TakeRow, type VisitRow } from './visit.entity';

export type Takes = AppendCollection<TakeWrite, TakeRecord>;

export const takes = (db: DataSource): Takes =>
  appendCollection<TakeRow, TakeWrite, TakeRecord>(db, {
    entity: TakeEntity,
    columns: ({ takenAt, ...take }) => ({ ...take, takenAt: new Date(takenAt), withdrawn: false }),
    same: (row, take) => row.station === take.station && row.takenAtMm === take.takenAtMm && isDeepStrictEqual(row.reading, take.reading),
    immutable: 'TAKE_IMMUTABLE',
    guard: async (tx, visit, { station, reading }) => {
      refuseClosed(visit);
      const read = isLine(station) ? lineFromReading(reading) : sectionFromReading(reading);
      if (!read.ok) throw new FulcraError('SECTION_REFUSED', { problems: read.problems });
      await refuseSixth(tx, visit.id, station);
    },
    guardWithdrawal: async (tx, visit, row, withdrawn) => {
      refuseClosed(visit);
      if (!withdrawn) await refuseSixth(tx, visit.id, row.station);
    },
    sentOut: ({ practiceId: _, handId: __, seq: ___, takenAt, withdrawn, ...rest }, hand) => ({
      ...rest,
      takenAt: takenAt.toISOString(),
      withdrawn: Boolean(withdrawn),
      hand,
    }),
  });

/** What was measured at a closed visit stands; opening it again is on record. */
function refuseClosed({ status }: VisitRow): void {
  if (status === 'done') throw new FulcraError('VISIT_CLOSED');
}

async function refuseSixth(tx: EntityManager, visitId: string, station: TakeWrite['station']): Promise<void> {
  const held = await tx.getRepository(TakeEntity).countBy({ visitId, station, withdrawn: false });
  if (held >= MOST_TAKES) throw new FulcraError('TAKES_FULL');
}
