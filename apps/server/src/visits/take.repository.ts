import { isDeepStrictEqual } from 'node:util';
import { type DataSource, In } from 'typeorm';
import { type TakeRecord, type TakeWrite } from '@fulcra/contract';
import { MOST_TAKES } from '@fulcra/core';
import { FulcraError } from '../platform/errors/fulcra-error';
import { peopleNames } from '../practice/people-names';
import { TakeEntity, type TakeRow } from './visit.entity';

/** Takes are facts: they are added and withdrawn, never altered. */
export interface Takes {
  /** In the order in which the server heard of them. */
  ofVisits(practiceId: string, visitIds: readonly string[]): Promise<TakeRecord[]>;
  add(practiceId: string, handId: string, visitId: string, id: string, take: TakeWrite): Promise<TakeRecord>;
  withdraw(practiceId: string, visitId: string, id: string, withdrawn: boolean): Promise<TakeRecord>;
}

export function takes(db: DataSource): Takes {
  const table = db.getRepository(TakeEntity);
  const named = async (practiceId: string, rows: readonly TakeRow[]): Promise<TakeRecord[]> => {
    const people = await peopleNames(db, practiceId);
    return rows.map((row) => asTake(row, people.get(row.handId)!));
  };
  const one = async (row: TakeRow): Promise<TakeRecord> => (await named(row.practiceId, [row]))[0]!;
  const find = async (practiceId: string, visitId: string, id: string): Promise<TakeRow> => {
    const row = await table.findOneBy({ id, practiceId, visitId });
    if (row === null) throw new FulcraError('NOT_FOUND');
    return row;
  };
  const roomForOneMore = async (visitId: string, station: TakeWrite['station']): Promise<void> => {
    const held = await table.countBy({ visitId, station, withdrawn: false });
    if (held >= MOST_TAKES) throw new FulcraError('TAKES_FULL');
  };
  return {
    ofVisits: async (practiceId, visitIds) =>
      named(practiceId, await table.find({ where: { practiceId, visitId: In([...visitIds]) }, order: { seq: 'ASC' } })),
    add: async (practiceId, handId, visitId, id, take) => {
      const known = await table.findOneBy({ id });
      if (known !== null) return one(sameOrRefused(known, practiceId, visitId, take));
      await roomForOneMore(visitId, take.station);
      const row: TakeRow = { id, practiceId, visitId, handId, ...take, takenAt: new Date(take.takenAt), withdrawn: false };
      await table.insert(row);
      return one(await find(practiceId, visitId, id));
    },
    withdraw: async (practiceId, visitId, id, withdrawn) => {
      const row = await find(practiceId, visitId, id);
      if (row.withdrawn && !withdrawn) await roomForOneMore(visitId, row.station);
      await table.update({ id, practiceId }, { withdrawn });
      return one(await find(practiceId, visitId, id));
    },
  };
}

/** The same take sent twice is one take; another under its id is refused. */
function sameOrRefused(known: TakeRow, practiceId: string, visitId: string, take: TakeWrite): TakeRow {
  if (known.practiceId !== practiceId || known.visitId !== visitId) throw new FulcraError('NOT_FOUND');
  const same = known.takenAtMm === take.takenAtMm && isDeepStrictEqual(known.reading, take.reading);
  if (!same) throw new FulcraError('TAKE_IMMUTABLE');
  return known;
}

const asTake = ({ practiceId: _, handId: __, seq: ___, takenAt, withdrawn, ...rest }: TakeRow, hand: string): TakeRecord => ({
  ...rest,
  takenAt: takenAt.toISOString(),
  withdrawn: Boolean(withdrawn),
  hand,
});
