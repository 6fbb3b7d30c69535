import { heldItems } from '@fulcra/core';
import { type EntityManager } from 'typeorm';
import { TackCheckEntity } from './tack.entity';

/** Only what holds and what clears bears on holding: few among all the checks of a practice. */
const BEARING = `SELECT id FROM tack_check WHERE practice_id = ? AND withdrawn = 0 AND (mended <> 'null' OR found LIKE '%"unsafe"%')`;

/** Ids of a practice's saddles, leathers and girths that something unsafe holds. */
export async function heldTack(db: EntityManager, practiceId: string): Promise<ReadonlySet<string>> {
  const ids = (await db.query<{ readonly id: string }[]>(BEARING, [practiceId])).map((r) => r.id);
  if (ids.length === 0) return new Set();
  const checks = await db.getRepository(TackCheckEntity).findBy(ids.map((id) => ({ id })));
  return heldItems(checks.map((c) => ({ ...c, withdrawn: Boolean(c.withdrawn) })));
}
