import { type DataSource } from 'typeorm';
import { demoScenario } from '@fulcra/demo';
import { oneAtATime } from '../platform/db/one-at-a-time';
import { fillDemo } from './seed';

/** Stays as it is: who signs in, and under which name. */
const KEPT = new Set(['practice', 'person', 'session']);

/** Takes everything out of the demo's practice, and of no other, and puts in what it begins with. */
export async function resetDemo(db: DataSource): Promise<void> {
  const scenario = demoScenario();
  await oneAtATime(db, async () => {
    await emptyPractice(db, scenario.account.practiceId);
    await fillDemo(db, scenario);
  });
}

async function emptyPractice(db: DataSource, practiceId: string): Promise<void> {
  const tables = db.entityMetadatas.filter((e) => e.columns.some((c) => c.databaseName === 'practice_id') && !KEPT.has(e.tableName));
  await db.transaction(async (tx) => {
    // a whole practice goes at once, so the order among its tables doesn't matter
    await tx.query('SET FOREIGN_KEY_CHECKS = 0');
    try {
      for (const table of ['photo_piece', 'photo_small'])
        await tx.query(`DELETE FROM ${table} WHERE photo_id IN (SELECT id FROM photo WHERE practice_id = ?)`, [practiceId]);
      for (const { tableName } of tables) await tx.query(`DELETE FROM \`${tableName}\` WHERE practice_id = ?`, [practiceId]);
    } finally {
      await tx.query('SET FOREIGN_KEY_CHECKS = 1');
    }
  });
}
