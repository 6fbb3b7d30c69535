import { isDeepStrictEqual } from 'node:util';
import { type BodyOf, type MergeKind, type ReadOf } from '@fulcra/contract';
import { type DataSource, type EntityManager, type EntitySchema, type FindOptionsWhere } from 'typeorm';
import { type SignedIn } from '../platform/auth/session.repository';
import { inOneWrite } from '../platform/db/in-one-write';
import { FulcraError } from '../platform/errors/fulcra-error';
import { refusePurged } from './purged';
import { type FieldsOf, fieldsOf, mergedRecord } from './merge-record';

/** What every record's row has; the columns of its fields stand beside it under the fields' names. */
export interface OwnedRow {
  id: string;
  practiceId: string;
}

export interface Change<K extends MergeKind> {
  readonly tx: EntityManager;
  readonly who: SignedIn;
  readonly id: string;
  readonly before: FieldsOf<K> | null;
  readonly after: FieldsOf<K>;
}

export interface MergeTable<K extends MergeKind> {
  readonly kind: K;
  readonly entity: EntitySchema;
  /** Columns of a new row that come from who makes it. */
  readonly begun?: (who: SignedIn) => Readonly<Record<string, unknown>>;
  /** Refuses a change that the record's own schema can't judge; reads inside the same transaction. */
  readonly guard?: (change: Change<K>) => Promise<void>;
  /** What else a change brings with it, in the same transaction. */
  readonly after?: (change: Change<K>) => Promise<void>;
  /** The record as it is sent out, where it isn't its fields and its id alone. */
  readonly asRecord?: (row: OwnedRow & Readonly<Record<string, unknown>>, db: DataSource) => Promise<ReadOf<K>>;
}

/** Records of one kind of one practice; another practice's record is as good as none. */
export interface MergeCollection<K extends MergeKind> {
  list(practiceId: string): Promise<ReadOf<K>[]>;
  get(practiceId: string, id: string): Promise<ReadOf<K>>;
  put(who: SignedIn, id: string, write: BodyOf<K>): Promise<ReadOf<K>>;
}

type Row = OwnedRow & Readonly<Record<string, unknown>>;
type Where = FindOptionsWhere<Row>;

export function mergeCollection<K extends MergeKind>(db: DataSource, table: MergeTable<K>): MergeCollection<K> {
  const { kind, entity } = table;
  const rows = (tx: EntityManager) => tx.getRepository<Row>(entity as EntitySchema<Row>);
  const sentOut = async (row: Row): Promise<ReadOf<K>> =>
    table.asRecord === undefined ? ({ id: row.id, ...fieldsOf(kind, row) } as unknown as ReadOf<K>) : table.asRecord(row, db);
  const found = async (practiceId: string, id: string): Promise<Row> => {
    const row = await rows(db.manager).findOneBy({ id, practiceId });
    if (row === null) throw new FulcraError('NOT_FOUND');
    return row;
  };
  const write = async (tx: EntityManager, who: SignedIn, id: string, body: BodyOf<K>): Promise<void> => {
    const known = await rows(tx).findOne({ where: { id }, lock: { mode: 'pessimistic_write' } });
    if (known !== null && known.practiceId !== who.practiceId) throw new FulcraError('NOT_FOUND');
    if (known === null) await refusePurged(tx, id);
    const before = known === null ? null : fieldsOf(kind, known);
    const after = mergedRecord<K>(kind, body as never, before);
    const change: Change<K> = { tx, who, id, before, after };
    await table.guard?.(change);
    if (before !== null && isDeepStrictEqual(before, after)) return;
    if (known === null) await rows(tx).insert({ id, practiceId: who.practiceId, ...table.begun?.(who), ...after });
    else await rows(tx).update({ id }, after as never);
    await table.after?.(change);
  };
  return {
    list: async (practiceId) => {
      const all = await rows(db.manager).find({ where: { practiceId } as Where, order: orderOf(entity) });
      return Promise.all(all.map(sentOut));
    },
    get: async (practiceId, id) => sentOut(await found(practiceId, id)),
    put: async (who, id, body) => {
      await inOneWrite(db, (tx) => write(tx, who, id, body));
      return sentOut(await found(who.practiceId, id));
    },
  };
}

/** By name where it has one. */
const orderOf = (entity: EntitySchema) => ('name' in entity.options.columns ? { name: 'ASC', id: 'ASC' } : { id: 'ASC' }) as never;
