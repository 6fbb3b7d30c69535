import { type Visit } from '@fulcra/contract';
import { type DataSource } from 'typeorm';
import { v7 } from 'uuid';
import { HorseEntity } from '../horses/horse.entity';
import { FulcraError } from '../platform/errors/fulcra-error';
import { peopleNames } from '../practice/people-names';
import { NOT_IN_BIN } from '../records/in-bin';
import { type Change, type MergeCollection, type MergeTable, mergeCollection } from '../records/merge-collection';
import { FactEntity } from './fact.entity';
import { rideQuestion } from './ride';
import { putOnRecord, refuseRiding, saysGoodToRide } from './visit-rules';
import { VisitEntity, type VisitRow } from './visit.entity';

type VisitChange = Change<'visit'>;

const VISIT_TABLE: MergeTable<'visit'> = {
  kind: 'visit',
  entity: VisitEntity,
  begun: ({ personId }) => ({ fitterId: personId }),
  guard: async ({ tx, who: { practiceId }, id, before, after }) => {
    if (!(await tx.getRepository(HorseEntity).existsBy({ id: after.horseId, practiceId }))) throw new FulcraError('NOT_FOUND');
    if (saysGoodToRide(before, after)) refuseRiding(await rideQuestion(tx, practiceId, id));
  },
  after: keepOnRecord,
  asRecord: async (row, db) => {
    const visit = row as unknown as VisitRow;
    return visitOf(visit, await peopleNames(db, visit.practiceId));
  },
};

const visitOf = ({ practiceId: _, fitterId, ...visit }: VisitRow, people: ReadonlyMap<string, string>): Visit => ({
  ...visit,
  fitter: people.get(fitterId)!,
});

export interface Visits extends MergeCollection<'visit'> {
  /** Visits of one horse, newest first, without those in the bin. */
  ofHorse(practiceId: string, horseId: string): Promise<Visit[]>;
}

/** Visits of one practice; the fitter stays who began one. */
export function visits(db: DataSource): Visits {
  return {
    ...mergeCollection(db, VISIT_TABLE),
    ofHorse: async (practiceId, horseId) => {
      const people = await peopleNames(db, practiceId);
      const where = { id: NOT_IN_BIN, practiceId, horseId };
      const rows = await db.getRepository(VisitEntity).find({ where, order: { startedOn: 'DESC', id: 'DESC' } });
      return rows.map((row) => visitOf(row, people));
    },
  };
}

async function keepOnRecord({ tx, who, id, before, after }: VisitChange): Promise<void> {
  const body = putOnRecord(before, after);
  if (body === null) return;
  await tx.getRepository(FactEntity).insert({
    id: v7(),
    practiceId: who.practiceId,
    visitId: id,
    handId: who.personId,
    madeAt: new Date(),
    body,
    withdrawn: false,
  });
}
