import { type BinnedKind, BIN_DAYS } from '@fulcra/contract';
import { type DataSource, type EntityManager } from 'typeorm';
import { inOneWrite } from '../platform/db/in-one-write';

/** @param those which photos, as a part of a question */
const photosOf = (those: string): string[] => [
  `DELETE FROM photo_piece WHERE photo_id IN (SELECT id FROM photo WHERE ${those})`,
  `DELETE FROM photo WHERE ${those}`,
];
const VISITS = ['visit_fact', 'section_take', 'decision'] as const;
/** @param column what the id given is of a visit: its own, or its horse's */
const visitsOf = (column: 'id' | 'horse_id'): string[] => {
  const those = `visit_id IN (SELECT id FROM visit WHERE ${column} = ?)`;
  return [
    ...photosOf(those),
    ...VISITS.map((table) => `DELETE FROM ${table} WHERE ${those}`),
    `UPDATE work_order SET visit_id = NULL WHERE ${those}`,
    `DELETE FROM visit WHERE ${column} = ?`,
  ];
};

/** What goes with a thing that is let go for good, from its leaves up; every mark is the thing's id. */
const GOES_WITH: Readonly<Record<BinnedKind, readonly string[]>> = {
  photo: photosOf('id = ?'),
  visit: visitsOf('id'),
  horse: [
    ...visitsOf('horse_id'),
    ...photosOf('owner_word_id IN (SELECT id FROM owner_word WHERE horse_id = ?)'),
    ...['owner_word', 'owner_link', 'appointment', 'work_order'].map((table) => `DELETE FROM ${table} WHERE horse_id = ?`),
    'DELETE FROM horse WHERE id = ?',
  ],
  rider: [
    'DELETE FROM rider_measures WHERE rider_id = ?',
    'UPDATE leather SET rider_id = NULL WHERE rider_id = ?',
    "UPDATE horse SET rider_ids = JSON_REMOVE(rider_ids, JSON_UNQUOTE(JSON_SEARCH(rider_ids, 'one', ?))) WHERE JSON_SEARCH(rider_ids, 'one', ?) IS NOT NULL",
    'DELETE FROM rider WHERE id = ?',
  ],
};

/** Lets go for good of what lies in the bin for longer than it is kept. Each thing is a write of its own; what was put back meanwhile stays. */
export async function emptyBin(db: DataSource): Promise<void> {
  const due = `restored = 0 AND heard_at < NOW(3) - INTERVAL ${BIN_DAYS} DAY`;
  const rows = await db.query<{ readonly id: string; readonly kind: BinnedKind }[]>(`SELECT id, kind FROM binned WHERE ${due}`);
  for (const { id, kind } of rows) {
    await inOneWrite(db, async (tx) => {
      const still = await tx.query<unknown[]>(`SELECT id FROM binned WHERE id = ? AND ${due} FOR UPDATE`, [id]);
      if (still.length > 0) await letGo(tx, id, kind);
    });
  }
}

async function letGo(tx: EntityManager, id: string, kind: BinnedKind): Promise<void> {
  for (const sql of GOES_WITH[kind])
    await tx.query(
      sql,
      Array.from(sql.matchAll(/\?/g), () => id),
    );
  // its id stays behind: a device that was away for longer than the bin keeps would make it anew, without what was with it
  await tx.query('INSERT INTO purged (id, practice_id, kind) SELECT id, practice_id, kind FROM binned WHERE id = ?', [id]);
  await tx.query('DELETE FROM binned WHERE id = ?', [id]);
}
