import { type ObjectLiteral, type SelectQueryBuilder } from 'typeorm';
import { PersonEntity } from './practice.entity';

export type PeopleNames = ReadonlyMap<string, string>;

/**
 * Rows with the names of the people they name by id, in one question: records keep the id, and what is sent out carries the name.
 * @param ids columns of the question that hold a person's id, as `alias.property`
 */
export async function rowsAndNames<Row extends ObjectLiteral>(
  question: SelectQueryBuilder<Row>,
  ...ids: readonly string[]
): Promise<{ readonly rows: Row[]; readonly people: PeopleNames }> {
  const { entities, raw } = await question
    .leftJoin(PersonEntity.options.name, 'named', `named.id IN (${ids.join(', ')})`)
    .addSelect(['named.id', 'named.name'])
    .getRawAndEntities<{ named_id: string | null; named_name: string }>();
  return { rows: entities, people: new Map(raw.flatMap((r) => (r.named_id === null ? [] : [[r.named_id, r.named_name]]))) };
}
