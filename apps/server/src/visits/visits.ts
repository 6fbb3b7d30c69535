import { type Visit } from '@fulcra/contract';
import { againstRiding } from '@fulcra/core';
import { type DataSource, type EntityManager } from 'typeorm';
import { v7 } from 'uuid';
import { HorseEntity } from '../horses/horse.entity';
import { FulcraError } from '../platform/errors/fulcra-error';
import { peopleNames } from '../practice/people-names';
import { type Change, type MergeCollection, type MergeTable, mergeCollection } from '../records/merge-collection';
import { FactEntity } from './fact.entity';
import { rideQuestion } from './ride';
import { VisitEntity, type VisitRow } from './visit.entity';

type VisitChange = Change<'visit'>;

const VISIT_TABLE: MergeTable<'visit'> = {
  kind: 'visit',
  entity: VisitEntity,
  begun: ({ personId }) => ({ fitterId: personId }),
  guard: async (change) => {
    const { tx, who, after } = change;
    const { practiceId } = who;
    if (!(await tx.getRepository(HorseEntity).existsBy({ id: after.horseId, practiceId }))) throw new FulcraError('NOT_FOUND');
    if (after.result === 'goodToRide' && change.before?.result !== 'goodToRide') await refuseRiding(tx, change);
  },
  after: putOnRecord,
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
  /** Visits of one horse, newest first. */
  ofHorse(practiceId: string, horseId: string): Promise<Visit[]>;
}

/** Visits of one practice; the fitter stays who began one. */
export function visits(db: DataSource): Visits {
  return {
    ...mergeCollection(db, VISIT_TABLE),
    ofHorse: async (practiceId, horseId) => {
      const people = await peopleNames(db, practiceId);
      const rows = await db.getRepository(VisitEntity).find({ where: { practiceId, horseId }, order: { startedOn: 'DESC', id: 'DESC' } });
      return rows.map((row) => visitOf(row, people));
    },
  };
}

const REFUSED_WITH = { SORE_HOLD: 'VISIT_HELD', TACK_UNSAFE: 'TACK_UNSAFE', SETTING_REFUSED: 'SETTING_REFUSED' } as const;

/** "Good to ride" can't be said while something takes it back, whichever device says it. */
async function refuseRiding(tx: EntityManager, { who, id }: VisitChange): Promise<void> {
  const [first] = againstRiding(await rideQuestion(tx, who.practiceId, id));
  if (first !== undefined) throw new FulcraError(REFUSED_WITH[first.code]);
}

/** Closing a visit and opening it again are facts of their own: what was measured then, and what later, can be told apart. */
async function putOnRecord({ tx, who, id, before, after }: VisitChange): Promise<void> {
  const from = before?.status ?? 'open';
  if (from === after.status) return;
  await tx.getRepository(FactEntity).insert({
    id: v7(),
    practiceId: who.practiceId,
    visitId: id,
    handId: who.personId,
    madeAt: new Date(),
    body: after.status === 'done' ? { kind: 'visitClosed' } : { kind: 'visitReopened' },
    withdrawn: false,
  });
}
