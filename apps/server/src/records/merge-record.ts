import { type FieldsWrite, type MergeKind, type ReadOf, RECORDS } from '@fulcra/contract';
import { type Fields, mergeFields, sameField } from '@fulcra/core';
import { FulcraError } from '../platform/errors/fulcra-error';

export type FieldsOf<K extends MergeKind> = Omit<ReadOf<K>, 'id' | 'fitter'>;

/** A record's own fields, without what the table keeps beside them. */
export function fieldsOf<K extends MergeKind>(kind: K, row: object): FieldsOf<K> {
  const names = Object.keys(RECORDS[kind].fields.shape);
  return Object.fromEntries(names.map((n) => [n, (row as Fields)[n]])) as FieldsOf<K>;
}

/**
 * What is to be stored when one person's change meets what stands there now: merged field by field and checked whole, because two changes
 * that are each right can make a record that isn't.
 * @param theirs what stands there now; null for a new record
 * @throws FIELDS_CLASH with both where a field was changed two ways, or where what came together cannot stand
 * @throws INPUT_INVALID where it is the write alone that cannot stand
 */
export function mergedRecord<K extends MergeKind>(
  kind: K,
  write: Extract<FieldsWrite, { kind: K }>['body'],
  theirs: FieldsOf<K> | null,
): FieldsOf<K> {
  const { was, ...mine } = write as Fields & { readonly was?: Fields | null };
  if (theirs === null) return checked<K>(kind, mine, null);
  const { merged, clashing } = mergeFields<Fields>(was ?? null, mine, theirs);
  if (clashing.length > 0) throw clash(clashing, theirs);
  const changedByMe = Object.keys(mine).filter((n) => was == null || !sameField(mine[n], was[n]));
  return checked<K>(kind, merged, { changedByMe, theirs });
}

function checked<K extends MergeKind>(
  kind: K,
  fields: Fields,
  met: { readonly changedByMe: readonly string[]; readonly theirs: FieldsOf<K> } | null,
): FieldsOf<K> {
  const read = RECORDS[kind].fields.safeParse(fields);
  if (read.success) return read.data as unknown as FieldsOf<K>;
  if (met !== null && met.changedByMe.length > 0) throw clash(met.changedByMe, met.theirs);
  throw new FulcraError('INPUT_INVALID', { fields: read.error.issues.map((i) => ({ path: i.path.join('.'), message: i.message })) });
}

const clash = (fields: readonly string[], theirs: object): FulcraError =>
  new FulcraError('FIELDS_CLASH', { clash: { fields, theirs: theirs as Readonly<Record<string, unknown>> } });
