import { type EntityManager, EntitySchema } from 'typeorm';
import { keyColumn } from './id-column';

interface PracticeCounterRow {
  practiceId: string;
  last: string;
}
export const PracticeCounterEntity = new EntitySchema<PracticeCounterRow>({
  name: 'practice_counter',
  columns: { practiceId: { ...keyColumn, name: 'practice_id' }, last: { type: 'bigint' } },
});

const RAISED = `INSERT INTO practice_counter (practice_id, last) VALUES (?, LAST_INSERT_ID(1))
  ON DUPLICATE KEY UPDATE last = LAST_INSERT_ID(last + 1)`;

/**
 * The next number of a practice's counting, the order in which the server took what was written. The row is held until the write ends, so
 * that numbers follow the order of the writes, whichever server they came through; a write that is undone gives its number back.
 */
export async function nextNumber(tx: EntityManager, practiceId: string): Promise<string> {
  await tx.query(RAISED, [practiceId]);
  const [row] = await tx.query<{ readonly n: string }[]>('SELECT LAST_INSERT_ID() AS n');
  return String(row!.n);
}
