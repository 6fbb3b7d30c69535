import { type EntityManager, EntitySchema } from 'typeorm';
import { keyColumn } from '../platform/db/id-column';

interface YardSizeRow {
  practiceId: string;
  /** How many horses aren't in the bin. */
  horses: number;
}
/** Kept, because counting thousands takes longer than all else of the yard's list. */
export const YardSizeEntity = new EntitySchema<YardSizeRow>({
  name: 'yard_size',
  columns: { practiceId: { ...keyColumn, name: 'practice_id' }, horses: { type: 'int' } },
});

const HELD = 'INSERT INTO yard_size (practice_id, horses) VALUES (?, 0) ON DUPLICATE KEY UPDATE horses = horses';
const COUNTED = 'UPDATE yard_size SET horses = ? WHERE practice_id = ?';

/** Counts a practice's horses anew, as the last step of the write that added one or put one out of sight; others who do wait for it. */
export async function countYard(tx: EntityManager, practiceId: string): Promise<void> {
  await tx.query(HELD, [practiceId]);
  const [row]: { n: string }[] = await tx.query('SELECT COUNT(*) AS n FROM horse WHERE practice_id = ? AND in_bin = 0', [practiceId]);
  await tx.query(COUNTED, [Number(row!.n), practiceId]);
}
