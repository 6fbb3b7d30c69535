import { type DataSource } from 'typeorm';
import { PersonEntity } from './practice.entity';

/** Names of a practice's people by id: records keep the id, and what is sent out carries the name. */
export async function peopleNames(db: DataSource, practiceId: string): Promise<ReadonlyMap<string, string>> {
  return new Map((await db.getRepository(PersonEntity).findBy({ practiceId })).map((p) => [p.id, p.name]));
}
