import { type Decision, type Horse, type Visit } from '@fulcra/contract';
import { type DataSource, type FindOptionsWhere } from 'typeorm';
import { v7 } from 'uuid';
import { HorseEntity, type HorseRow } from '../horses/horse.entity';
import { holdHorse, rebuildStanding } from '../horses/standing';
import { nextNumber } from '../platform/db/next-number';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type PeopleNames, rowsAndNames } from '../practice/people-names';
import { NOT_IN_BIN, inBin } from '../records/in-bin';
import { type Change, type MergeCollection, type MergeTable, mergeCollection } from '../records/merge-collection';
import { fieldsOf } from '../records/merge-record';
import { decisionOf } from './decisions';
import { FactEntity } from './fact.entity';
import { rideQuestion } from './ride';
import { putOnRecord, refuseChangeOfClosed, refuseRiding, saysGoodToRide } from './visit-rules';
import { DecisionEntity, type DecisionRow, VisitEntity, type VisitRow } from './visit.entity';

type VisitChange = Change<'visit'>;

const VISIT_TABLE: MergeTable<'visit'> = {
  kind: 'visit',
  entity: VisitEntity,
  begun: ({ personId }) => ({ fitterId: personId }),
  guard: async ({ tx, who: { practiceId }, id, before, after }) => {
    if (!(await holdHorse(tx, practiceId, after.horseId))) throw new FulcraError('NOT_FOUND');
    refuseChangeOfClosed(before, after);
    if (saysGoodToRide(before, after)) refuseRiding(await rideQuestion(tx, practiceId, after.horseId, id));
  },
  after: async (change) => {
    if (change.before === null)
      await change.tx.getRepository(VisitEntity).update({ id: change.id }, { seq: await nextNumber(change.tx, change.who.practiceId) });
    await keepOnRecord(change);
    await standAnew(change);
  },
  asRecord: async ({ id, practiceId }, db) => (await visitsWhere(db, { id, practiceId }))[0]!,
};

const visitOf = (row: VisitRow, people: PeopleNames): Visit => ({
  ...fieldsOf('visit', row),
  id: row.id,
  fitter: people.get(row.fitterId)!,
});

export interface Visits extends MergeCollection<'visit'> {
  /** Visits of one horse, newest first, without those in the bin. */
  ofHorse(practiceId: string, horseId: string): Promise<Visit[]>;
  /** One visit, the others of its horse, the horse and what was decided at this one, in one question. */
  withHorse(practiceId: string, visitId: string): Promise<VisitWithHorse>;
}
interface VisitWithHorse {
  readonly visit: Visit;
  readonly horse: Horse;
  /** Every visit of the horse that isn't in the bin, newest first. */
  readonly own: readonly Visit[];
  /** Of all of them, in the order in which the server took them. */
  readonly decisions: readonly Decision[];
}

/** Visits of one practice; the fitter stays who began one. */
export function visits(db: DataSource): Visits {
  return {
    ...mergeCollection(db, VISIT_TABLE),
    ofHorse: (practiceId, horseId) => visitsWhere(db, { id: NOT_IN_BIN, practiceId, horseId }),
    withHorse: (practiceId, visitId) => withHorse(db, practiceId, visitId),
  };
}

const NEWEST_FIRST = { startedOn: 'DESC', seq: 'DESC' } as const;

async function visitsWhere(db: DataSource, where: FindOptionsWhere<VisitRow>): Promise<Visit[]> {
  const question = db.getRepository(VisitEntity).createQueryBuilder('visit').setFindOptions({ where, order: NEWEST_FIRST });
  const { rows, people } = await rowsAndNames(question, 'visit.fitterId');
  return rows.map((row) => visitOf(row, people));
}

type Joined = VisitRow & { readonly horse: HorseRow; readonly decisions: readonly DecisionRow[] };

async function withHorse(db: DataSource, practiceId: string, visitId: string): Promise<VisitWithHorse> {
  const question = db
    .getRepository(VisitEntity)
    .createQueryBuilder('visit')
    .innerJoinAndMapOne('visit.horse', HorseEntity.options.name, 'horse', 'horse.id = visit.horseId')
    .leftJoinAndMapMany('visit.decisions', DecisionEntity.options.name, 'decision', 'decision.visitId = visit.id')
    .where('visit.horseId = (SELECT asked.horse_id FROM visit asked WHERE asked.id = :visitId AND asked.practice_id = :practiceId)')
    .andWhere(`(visit.id = :visitId OR NOT ${inBin('visit.id')})`, { visitId, practiceId })
    .orderBy({ 'visit.startedOn': 'DESC', 'visit.seq': 'DESC', 'decision.seq': 'ASC' });
  const { rows, people } = await rowsAndNames(question, 'visit.fitterId', 'decision.handId');
  const asked = (rows as Joined[]).find((row) => row.id === visitId);
  if (asked === undefined) throw new FulcraError('NOT_FOUND');
  const { horse } = asked;
  const decisions = (rows as Joined[]).flatMap((row) => row.decisions);
  return {
    visit: visitOf(asked, people),
    horse: { ...fieldsOf('horse', horse), id: horse.id },
    own: rows.map((row) => visitOf(row, people)),
    decisions: decisions.map((row) => decisionOf(row, people.get(row.handId)!)),
  };
}

/** A visit that goes over to another horse changes how both stand. */
async function standAnew({ tx, who, before, after }: VisitChange): Promise<void> {
  const horseIds = new Set([before?.horseId ?? after.horseId, after.horseId]);
  for (const horseId of horseIds) await rebuildStanding(tx, who.practiceId, horseId);
}

async function keepOnRecord({ tx, who, id, before, after }: VisitChange): Promise<void> {
  const body = putOnRecord(before, after);
  if (body === null) return;
  await tx.getRepository(FactEntity).insert({
    id: v7(),
    seq: await nextNumber(tx, who.practiceId),
    practiceId: who.practiceId,
    visitId: id,
    handId: who.personId,
    madeAt: new Date(),
    body,
    withdrawn: false,
  });
}
