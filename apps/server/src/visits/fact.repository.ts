import { isDeepStrictEqual } from 'node:util';
import { type EarlierFact, type Fact, type FactWrite } from '@fulcra/contract';
import { type DataSource, In } from 'typeorm';
import { FulcraError } from '../platform/errors/fulcra-error';
import { peopleNames } from '../practice/people-names';
import { FactEntity, type FactRow } from './fact.entity';
import { VisitEntity } from './visit.entity';

/** What was found and said at visits: added and withdrawn, never altered. */
export interface Facts {
  /** In the order in which the server heard of them. */
  ofVisits(practiceId: string, visitIds: readonly string[]): Promise<Fact[]>;
  /** Dated facts of the horse from its visits up to that day, without the one named, oldest first. */
  earlier(practiceId: string, horseId: string, butVisitId: string | null, upTo: string): Promise<EarlierFact[]>;
  add(practiceId: string, handId: string, visitId: string, id: string, fact: FactWrite): Promise<Fact>;
  withdraw(practiceId: string, visitId: string, id: string, withdrawn: boolean): Promise<Fact>;
}

export function facts(db: DataSource): Facts {
  const table = db.getRepository(FactEntity);
  const named = async (practiceId: string, rows: readonly FactRow[]): Promise<Fact[]> => {
    const people = await peopleNames(db, practiceId);
    return rows.map((row) => asFact(row, people.get(row.handId)!));
  };
  const ofVisits = async (practiceId: string, visitIds: readonly string[]): Promise<Fact[]> =>
    named(practiceId, await table.find({ where: { practiceId, visitId: In([...visitIds]) }, order: { seq: 'ASC' } }));
  const one = async (practiceId: string, visitId: string, id: string): Promise<Fact> => {
    const row = await table.findOneBy({ id, practiceId, visitId });
    if (row === null) throw new FulcraError('NOT_FOUND');
    return (await named(practiceId, [row]))[0]!;
  };
  return {
    ofVisits,
    earlier: async (practiceId, horseId, butVisitId, upTo) => {
      const visits = await db.getRepository(VisitEntity).findBy({ practiceId, horseId });
      const others = visits.filter((v) => v.id !== butVisitId && v.startedOn <= upTo);
      const days = new Map(others.map((v) => [v.id, v.startedOn]));
      const said = await ofVisits(practiceId, [...days.keys()]);
      return said.flatMap((f) => asEarlier(f, days.get(f.visitId)!)).sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
    },
    add: async (practiceId, handId, visitId, id, { madeAt, body }) => {
      const known = await table.findOneBy({ id });
      if (known === null) await table.insert({ id, practiceId, visitId, handId, madeAt: new Date(madeAt), body, withdrawn: false });
      else if (known.practiceId !== practiceId || known.visitId !== visitId) throw new FulcraError('NOT_FOUND');
      else if (!isDeepStrictEqual(known.body, body)) throw new FulcraError('FACT_IMMUTABLE');
      return one(practiceId, visitId, id);
    },
    withdraw: async (practiceId, visitId, id, withdrawn) => {
      await one(practiceId, visitId, id);
      await table.update({ id, practiceId }, { withdrawn });
      return one(practiceId, visitId, id);
    },
  };
}

const asFact = ({ id, visitId, madeAt, body, withdrawn }: FactRow, hand: string): Fact => ({
  id,
  visitId,
  hand,
  madeAt: madeAt.toISOString(),
  body,
  withdrawn: Boolean(withdrawn),
});

const asEarlier = ({ body, withdrawn }: Fact, on: string): EarlierFact[] =>
  body.kind === 'intake' && !withdrawn ? [{ field: body.field, value: body.value, on }] : [];
