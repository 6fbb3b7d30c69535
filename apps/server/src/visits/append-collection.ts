import { type DataSource, type EntityManager, type EntitySchema, type FindOptionsWhere, In } from 'typeorm';
import { type SignedIn } from '../platform/auth/session.repository';
import { inOneWrite } from '../platform/db/in-one-write';
import { nextNumber } from '../platform/db/next-number';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type ErrorCode } from '../platform/errors/registry';
import { rowsAndNames } from '../practice/people-names';
import { isNew } from './append-rules';
import { refuseClosed } from './visit-rules';
import { VisitEntity, type VisitRow } from './visit.entity';

/** Something added to a visit: whose hand, and its place in the practice's counting (a device's clock may be wrong by a year). */
export interface AppendedRow {
  id: string;
  seq?: string;
  practiceId: string;
  visitId: string;
  handId: string;
}

export interface AppendTable<Row extends AppendedRow, Body, Read> {
  readonly entity: EntitySchema<Row>;
  readonly columns: (body: Body) => Omit<Row, keyof AppendedRow>;
  /** Whether what is stored says the same: then it is the same write, sent again. */
  readonly same: (row: Row, body: Body) => boolean;
  /** What another content under the same id is refused with. */
  readonly immutable: ErrorCode;
  /** Refuses what can't be added now; the visit's row is locked meanwhile, so that what was counted stays so. */
  readonly guard?: (tx: EntityManager, visit: VisitRow, body: Body) => Promise<void>;
  /** What else an addition, a withdrawal or bringing back brings with it, in the same transaction. */
  readonly after?: (tx: EntityManager, visit: VisitRow, row: Row) => Promise<void>;
  /** Refuses a withdrawal, or bringing back. */
  readonly guardWithdrawal?: (tx: EntityManager, visit: VisitRow, row: Row, withdrawn: boolean) => Promise<void>;
  readonly sentOut: (row: Row, hand: string) => Read;
}

/** Things added to visits: never altered, at most withdrawn. */
export interface AppendCollection<Body, Read> {
  /** In the order in which the server took them. */
  ofVisits(practiceId: string, visitIds: readonly string[]): Promise<Read[]>;
  add(who: SignedIn, visitId: string, id: string, body: Body): Promise<Read>;
  withdraw(who: SignedIn, visitId: string, id: string, withdrawn: boolean): Promise<Read>;
}

/** The visit, its row locked until the transaction ends; another practice's is as good as none. */
export async function lockedVisit(tx: EntityManager, practiceId: string, visitId: string): Promise<VisitRow> {
  const visit = await tx.getRepository(VisitEntity).findOne({ where: { id: visitId, practiceId }, lock: { mode: 'pessimistic_write' } });
  if (visit === null) throw new FulcraError('NOT_FOUND');
  return visit;
}

export function appendCollection<Row extends AppendedRow, Body, Read>(
  db: DataSource,
  table: AppendTable<Row, Body, Read>,
): AppendCollection<Body, Read> {
  type Where = FindOptionsWhere<Row>;
  const rows = (tx: EntityManager) => tx.getRepository(table.entity);
  const read = async (where: Where): Promise<Read[]> => {
    const question = rows(db.manager)
      .createQueryBuilder('row')
      .setFindOptions({ where, order: { seq: 'ASC' } as never });
    const { rows: found, people } = await rowsAndNames(question, 'row.handId');
    return found.map((row) => table.sentOut(row, people.get(row.handId)!));
  };
  const one = async (practiceId: string, visitId: string, id: string): Promise<Read> => {
    const [row] = await read({ id, practiceId, visitId } as Where);
    if (row === undefined) throw new FulcraError('NOT_FOUND');
    return row;
  };
  const add = async (tx: EntityManager, who: SignedIn, visitId: string, id: string, body: Body): Promise<void> => {
    const visit = await lockedVisit(tx, who.practiceId, visitId);
    const known = await rows(tx).findOneBy({ id } as Where);
    const mine = { practiceId: who.practiceId, visitId };
    if (!isNew(known, mine, (stored) => table.same(stored, body), table.immutable)) return;
    refuseClosed(visit.status);
    await table.guard?.(tx, visit, body);
    const seq = await nextNumber(tx, who.practiceId);
    const row = { id, seq, ...mine, handId: who.personId, ...table.columns(body) } as unknown as Row;
    await rows(tx).insert(row as never);
    await table.after?.(tx, visit, row);
  };
  const withdraw = async (tx: EntityManager, who: SignedIn, visitId: string, id: string, withdrawn: boolean): Promise<void> => {
    const visit = await lockedVisit(tx, who.practiceId, visitId);
    const row = await rows(tx).findOneBy({ id, practiceId: who.practiceId, visitId } as Where);
    if (row === null) throw new FulcraError('NOT_FOUND');
    if (Boolean((row as { withdrawn?: boolean }).withdrawn) === withdrawn) return;
    refuseClosed(visit.status);
    await table.guardWithdrawal?.(tx, visit, row, withdrawn);
    await rows(tx).update({ id } as Where, { withdrawn } as never);
    await table.after?.(tx, visit, row);
  };
  return {
    ofVisits: async (practiceId, visitIds) => (visitIds.length === 0 ? [] : read({ practiceId, visitId: In([...visitIds]) } as Where)),
    add: async (who, visitId, id, body) => {
      await inOneWrite(db, (tx) => add(tx, who, visitId, id, body));
      return one(who.practiceId, visitId, id);
    },
    withdraw: async (who, visitId, id, withdrawn) => {
      await inOneWrite(db, (tx) => withdraw(tx, who, visitId, id, withdrawn));
      return one(who.practiceId, visitId, id);
    },
  };
}
