import { type EntityManager } from 'typeorm';
import { inUseOfHorse } from './in-use';
import { inBin } from '../records/in-bin';

/** How a horse stands in the yard's list. Kept beside its fields, because a list can't look it up of every horse it shows. */
export interface HorseStanding {
  inBin: boolean;
  /** The day of the latest visit; of what lies in the bin nothing counts. */
  lastVisitOn: string | null;
  /** The latest visit under way. */
  openVisitId: string | null;
  openVisitOn: string | null;
  /** What was decided last of the latest visit that has a decision, as few points: JSON. */
  outline: string | null;
  /** What it is ridden in: JSON. */
  inUse: string;
}

const VISIT_OF = `FROM visit v WHERE v.horse_id = h.id AND NOT ${inBin('v.id')}`;
const LATEST = 'ORDER BY v.started_on DESC, v.seq DESC LIMIT 1';
const DECIDED = `SELECT v.id ${VISIT_OF} AND EXISTS (SELECT 1 FROM decision d WHERE d.visit_id = v.id) ${LATEST}`;

/** The columns as they follow from the visits, the decisions and the bin, of the horse `h`. */
export const STANDING_COLUMNS: readonly (readonly [column: string, sql: string])[] = [
  ['in_bin', inBin('h.id')],
  ['last_visit_on', `(SELECT v.started_on ${VISIT_OF} ${LATEST})`],
  ['open_visit_id', `(SELECT v.id ${VISIT_OF} AND v.status = 'open' ${LATEST})`],
  ['open_visit_on', `(SELECT v.started_on ${VISIT_OF} AND v.status = 'open' ${LATEST})`],
  ['outline', `(SELECT d.outline FROM decision d WHERE d.visit_id = (${DECIDED}) ORDER BY d.seq DESC LIMIT 1)`],
];
const FOLLOWS = `SELECT ${STANDING_COLUMNS.map(([column, sql]) => `${sql} AS ${column}`).join(', ')} FROM horse h WHERE h.id = ?`;
const KEPT = `UPDATE horse SET ${STANDING_COLUMNS.map(([column]) => `${column} = ?`).join(', ')}, in_use = ? WHERE id = ?`;

/** Whoever changes what a horse's standing follows from holds the horse until it is rebuilt. @returns whether the practice has it */
export async function holdHorse(tx: EntityManager, practiceId: string, horseId: string): Promise<boolean> {
  const held: unknown[] = await tx.query('SELECT id FROM horse WHERE id = ? AND practice_id = ? FOR UPDATE', [horseId, practiceId]);
  return held.length > 0;
}

/**
 * Makes a horse's standing anew from what it follows from, as the last step of the write that changed that. The horse is held first and its
 * visits are read afterwards, so that of two writes at once the later one sees what the earlier one did.
 */
export async function rebuildStanding(tx: EntityManager, practiceId: string, horseId: string): Promise<void> {
  if (!(await holdHorse(tx, practiceId, horseId))) return;
  const [row]: Readonly<Record<string, unknown>>[] = await tx.query(FOLLOWS, [horseId]);
  const inUse = await inUseOfHorse((sql, values) => tx.query(sql, values), horseId);
  await tx.query(KEPT, [...STANDING_COLUMNS.map(([column]) => row![column]), JSON.stringify(inUse), horseId]);
}
