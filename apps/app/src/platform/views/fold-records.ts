import { type FieldsWrite, type MergeKind, type ReadOf, type Write, idNamesOf } from '@fulcra/contract';

/** A record's own fields, without what they were changed from. */
export function fieldsOf<W extends FieldsWrite>({ body }: W): Omit<W['body'], 'was'> {
  const { was: _, ...fields } = body;
  return fields as Omit<W['body'], 'was'>;
}

/** A list of records once some of their kind are written: changed in place or added, by name where they have one. */
export function foldRecords<K extends MergeKind>(kind: K, list: readonly ReadOf<K>[], writes: readonly Write[]): ReadOf<K>[] {
  const idName = idNamesOf(kind).at(-1)!;
  const folded = writes.reduce<readonly ReadOf<K>[]>((all, write) => {
    if (write.kind !== kind) return all;
    const id = (write as unknown as Record<string, string>)[idName]!;
    return [...all.filter((r) => r.id !== id), { id, ...fieldsOf(write) } as unknown as ReadOf<K>];
  }, list);
  return [...folded].sort((a, b) => nameOf(a).localeCompare(nameOf(b)));
}

const nameOf = (record: object): string => ('name' in record ? String(record.name) : '');
