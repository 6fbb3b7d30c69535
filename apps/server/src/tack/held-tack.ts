import { type BesideTack, type TackAround, type TackHold, fallWordsOf, holdsOf, whyHeld } from '@fulcra/core';
import { type EntityManager, In } from 'typeorm';
import { LeatherEntity } from '../leathers/leather.entity';
import { SaddleEntity } from '../saddles/saddle.entity';
import { GirthEntity, TackCheckEntity } from './tack.entity';

/** Only what holds and what clears bears on holding: few among all the checks of a practice. */
const BEARING = `SELECT id FROM tack_check WHERE practice_id = ? AND withdrawn = 0
  AND (mended <> 'null' OR fall <> 'null' OR answers <> '[]' OR found LIKE '%"unsafe"%')`;

export interface HeldAround extends TackAround {
  /** Owner's words that a fall of a saddle was noted from. */
  readonly fallWords: ReadonlySet<string>;
}

/** What of a practice's tack is held, and what goes on with which saddle: all that bears on whether a horse may be ridden. */
export async function heldTack(db: EntityManager, practiceId: string): Promise<HeldAround> {
  const ids = (await db.query<{ readonly id: string }[]>(BEARING, [practiceId])).map((r) => r.id);
  const found = ids.length === 0 ? [] : await db.getRepository(TackCheckEntity).findBy({ id: In(ids) });
  const checks = found.map((c) => ({ ...c, withdrawn: Boolean(c.withdrawn) }));
  const itemOf = new Map(checks.map((c) => [c.id, c.itemId]));
  const holds = new Map<string, TackHold[]>();
  for (const hold of holdsOf(checks)) {
    const id = itemOf.get(hold.checkId)!;
    holds.set(id, [...(holds.get(id) ?? []), hold]);
  }
  const held = (await namesOf(db, practiceId, [...holds.keys()])).map((item) => ({ ...item, why: whyHeld(holds.get(item.id)!) }));
  return { held, beside: await besideOf(db, practiceId), fallWords: fallWordsOf(checks) };
}

async function namesOf(db: EntityManager, practiceId: string, ids: readonly string[]): Promise<{ id: string; name: string }[]> {
  if (ids.length === 0) return [];
  const asked = { where: { practiceId, id: In([...ids]) }, select: { id: true, name: true } } as const;
  const [saddles, leathers, girths] = [
    await db.getRepository(SaddleEntity).find(asked),
    await db.getRepository(LeatherEntity).find(asked),
    await db.getRepository(GirthEntity).find(asked),
  ];
  return [...saddles, ...leathers, ...girths].map(({ id, name }) => ({ id, name }));
}

/** Leathers and girths with what they belong to. */
async function besideOf(db: EntityManager, practiceId: string): Promise<BesideTack[]> {
  const where = { practiceId };
  return [
    ...(await db.getRepository(LeatherEntity).find({ where, select: { id: true, saddleId: true, riderId: true } })),
    ...(await db.getRepository(GirthEntity).find({ where, select: { id: true, saddleId: true } })),
  ];
}
