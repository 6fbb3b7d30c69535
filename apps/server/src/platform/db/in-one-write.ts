import { setTimeout as pause } from 'node:timers/promises';
import { type DataSource, type EntityManager } from 'typeorm';

/**
 * What another write of the same moment can do to this one; each goes away by beginning again. Source: MariaDB's error codes.
 */
const RETRIED_ERRORS: Readonly<Record<number, string>> = {
  1213: 'deadlock, or refused by another node’s certification',
  1205: 'waited too long for a lock',
  1020: 'the record changed since it was read',
  1062: 'another write made the same record meanwhile',
  1180: 'an error during commit',
};
const MOST_TRIES = 12;
const FIRST_PAUSE_MS = 4;
const LONGEST_PAUSE_MS = 120;
/** No try begins later than this: whoever asked has stopped waiting, ms. */
const TRIED_FOR_MS = 30_000;

export const isRetried = (error: unknown): boolean => {
  const { errno } = (error ?? {}) as { readonly errno?: number };
  return errno !== undefined && errno in RETRIED_ERRORS;
};

/**
 * Reading, merging and writing as one: everything `work` does happens or nothing does, and it sees what is committed. Begun again, after a
 * growing pause of random length, where another write of the same moment was in the way.
 * @throws what `work` throws, or the last refusal of the database
 */
export async function inOneWrite<T>(db: DataSource, work: (tx: EntityManager) => Promise<T>): Promise<T> {
  const began = Date.now();
  for (let tries = 1; ; tries++) {
    try {
      return await db.transaction('READ COMMITTED', work);
    } catch (error) {
      if (!isRetried(error) || tries >= MOST_TRIES || Date.now() - began > TRIED_FOR_MS) throw error;
      const longest = Math.min(LONGEST_PAUSE_MS, FIRST_PAUSE_MS * 2 ** tries);
      await pause(Math.random() * longest);
    }
  }
}
