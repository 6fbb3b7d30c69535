import { type EntityManager } from 'typeorm';
import { FulcraError } from './errors/fulcra-error';

/** What comes through one link in a day at most, whoever holds it (defaults): words, looks at tack, photos announced, bytes of photos. */
export const LINK_DAY = { words: 20, looks: 30, photos: 60, bytes: 150_000_000 } as const;
export type CountedOfLink = keyof typeof LINK_DAY;

/**
 * Counts what comes through a link, in the write that keeps it; two at once are counted one after the other.
 * @throws LINK_DAY_FULL past what a day takes: then nothing of the write is kept, and nothing of it counted
 */
export async function countForLink(tx: EntityManager, linkId: string, of: CountedOfLink, by: number, now: Date): Promise<void> {
  const day = now.toISOString().slice(0, 10);
  // the row is held from here to the end of the write
  await tx.query(`INSERT INTO owner_link_day (link_id, on_day, ${of}) VALUES (?, ?, ?) ON DUPLICATE KEY UPDATE ${of} = ${of} + ?`, [
    ...[linkId, day, by, by],
  ]);
  const [row] = await tx.query<Record<string, string | number>[]>(`SELECT ${of} FROM owner_link_day WHERE link_id = ? AND on_day = ?`, [
    ...[linkId, day],
  ]);
  if (Number(row![of]) > LINK_DAY[of]) throw new FulcraError('LINK_DAY_FULL');
}
