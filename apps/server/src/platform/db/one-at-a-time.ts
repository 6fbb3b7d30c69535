import { type DataSource } from 'typeorm';

/** How long a second process waits for the first, s: a migration of a large practice may take a while. */
const WAIT_S = 300;

/**
 * Work that only one process may do at a time on one database, such as migrating it: the others wait and then find it done.
 * @throws where another process still holds it after the wait
 */
export async function oneAtATime<T>(db: DataSource, work: () => Promise<T>): Promise<T> {
  const line = db.createQueryRunner();
  await line.connect();
  try {
    const rows = (await line.query("SELECT GET_LOCK(CONCAT('fulcra ', DATABASE()), ?) AS held", [WAIT_S])) as { held: number | null }[];
    if (Number(rows[0]?.held) !== 1)
      throw new Error(`Another process has been preparing this database for over ${WAIT_S} s. Look there first, then start again.`);
    return await work();
  } finally {
    await line.query("SELECT RELEASE_LOCK(CONCAT('fulcra ', DATABASE()))");
    await line.release();
  }
}
