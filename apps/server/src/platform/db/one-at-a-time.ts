import { type DataSource, type QueryRunner } from 'typeorm';

/** How long a second process waits for the first: a migration of a large practice may take a while. */
const WAITS = 60;
/** Each shorter than a question to the database may take, s. */
const ONE_WAIT_S = 5;

/**
 * Work that only one process may do at a time on one database, such as migrating it: the others wait and then find it done.
 * @throws where another process still holds it after the wait
 */
export async function oneAtATime<T>(db: DataSource, work: () => Promise<T>): Promise<T> {
  const line = db.createQueryRunner();
  await line.connect();
  try {
    await held(line);
    return await work();
  } finally {
    await line.query("SELECT RELEASE_LOCK(CONCAT('fulcra ', DATABASE()))");
    await line.release();
  }
}

async function held(line: QueryRunner): Promise<void> {
  for (let waits = 0; waits < WAITS; waits++) {
    const rows = (await line.query("SELECT GET_LOCK(CONCAT('fulcra ', DATABASE()), ?) AS held", [ONE_WAIT_S])) as { held: number | null }[];
    if (Number(rows[0]?.held) === 1) return;
  }
  throw new Error(`Another process has been preparing this database for over ${WAITS * ONE_WAIT_S} s. Look there first, then start again.`);
}
