import { type DataSource, In } from 'typeorm';
import { type Decision, type DecisionWrite, type Visit, type VisitWrite, visitFieldsSchema } from '@fulcra/contract';
import { mergedOrClash } from '../platform/db/merged';
import { FulcraError } from '../platform/errors/fulcra-error';
import { peopleNames } from '../practice/people-names';
import { DecisionEntity, type DecisionRow, VisitEntity, type VisitRow } from './visit.entity';

/** Visits of one practice with what was decided at them. */
export interface Visits {
  get(practiceId: string, id: string): Promise<Visit>;
  list(practiceId: string): Promise<Visit[]>;
  /** Visits of one horse, newest first. */
  ofHorse(practiceId: string, horseId: string): Promise<Visit[]>;
  /** Makes it, or changes what may change; the fitter stays who began it. */
  put(practiceId: string, fitterId: string, id: string, visit: VisitWrite): Promise<Visit>;
  decisions(practiceId: string): Promise<Decision[]>;
  decisionsOf(practiceId: string, visitIds: readonly string[]): Promise<Decision[]>;
  decision(practiceId: string, visitId: string): Promise<Decision | null>;
  decide(practiceId: string, fitterId: string, visitId: string, decision: DecisionWrite): Promise<Decision>;
}

export function visits(db: DataSource): Visits {
  const table = db.getRepository(VisitEntity);
  const decided = db.getRepository(DecisionEntity);
  const names = (practiceId: string) => peopleNames(db, practiceId);
  const get = async (practiceId: string, id: string): Promise<Visit> => {
    const row = await table.findOneBy({ id, practiceId });
    if (row === null) throw new FulcraError('NOT_FOUND');
    return asVisit(row, await names(practiceId));
  };
  const decision = async (practiceId: string, visitId: string): Promise<Decision | null> => {
    const row = await decided.findOneBy({ visitId, practiceId });
    return row === null ? null : asDecision(row, await names(practiceId));
  };
  return {
    get,
    decision,
    list: async (practiceId) => {
      const people = await names(practiceId);
      const rows = await table.find({ where: { practiceId }, order: { startedOn: 'DESC', id: 'DESC' } });
      return rows.map((row) => asVisit(row, people));
    },
    ofHorse: async (practiceId, horseId) => {
      const people = await names(practiceId);
      const rows = await table.find({ where: { practiceId, horseId }, order: { startedOn: 'DESC', id: 'DESC' } });
      return rows.map((row) => asVisit(row, people));
    },
    put: async (practiceId, fitterId, id, write) => {
      const known = await table.findOneBy({ id });
      if (known !== null && known.practiceId !== practiceId) throw new FulcraError('NOT_FOUND');
      const fields = known === null ? visitFieldsSchema.parse(write) : mergedOrClash(write, visitFieldsSchema.parse(known));
      await table.upsert({ id, practiceId, fitterId: known?.fitterId ?? fitterId, ...fields }, ['id']);
      return get(practiceId, id);
    },
    decisions: async (practiceId) => {
      const people = await names(practiceId);
      return (await decided.findBy({ practiceId })).map((row) => asDecision(row, people));
    },
    decisionsOf: async (practiceId, visitIds) => {
      const people = await names(practiceId);
      return (await decided.findBy({ practiceId, visitId: In([...visitIds]) })).map((row) => asDecision(row, people));
    },
    decide: async (practiceId, fitterId, visitId, body) => {
      const row = { visitId, practiceId, fitterId, saddleId: body.saddleId, decidedAt: new Date(body.decidedAt), body };
      await decided.upsert(row, ['visitId']);
      return (await decision(practiceId, visitId))!;
    },
  };
}

const asVisit = ({ practiceId: _, fitterId, ...visit }: VisitRow, people: ReadonlyMap<string, string>): Visit => ({
  ...visit,
  fitter: people.get(fitterId)!,
});

const asDecision = (row: DecisionRow, people: ReadonlyMap<string, string>): Decision => ({
  ...row.body,
  visitId: row.visitId,
  fitter: people.get(row.fitterId)!,
});
