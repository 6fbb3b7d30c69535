import { v7 } from 'uuid';
import { rebuildEveryStanding } from './standings';

type Ask = (sql: string, values?: unknown[]) => Promise<unknown>;

/** An outline of as many points as lists show. */
const OUTLINE = JSON.stringify(Array.from({ length: 40 }, (_, i) => ({ yMm: 5 * i - 100, zMm: -Math.abs(5 * i - 100) })));

/** Past what any practice here counts to by itself. */
let lastNumber = 1_000_000_000;

/** Horses with as many visits each, all decided, straight into the tables: as many as a large practice has. */
export async function fillYard(
  ask: Ask,
  { practiceId, fitterId }: { readonly practiceId: string; readonly fitterId: string },
  { horses: count, visits: each }: { readonly horses: number; readonly visits: number },
): Promise<void> {
  const horses = Array.from({ length: count }, (_, i) => [
    v7(),
    practiceId,
    `Filled ${String(i).padStart(5, '0')}`,
    'cob',
    'x',
    'mare',
    '[]',
  ]);
  await ask('INSERT INTO horse (id, practice_id, name, kind, note, sex, rider_ids) VALUES ?', [horses]);
  for (let k = 0; k < each; k++) {
    const visits = horses.map(([id]) => [v7(), practiceId, id, fitterId, `2025-0${1 + (k % 9)}-01`, 'static-close', 50, 'done', '']);
    const columns = 'id, practice_id, horse_id, fitter_id, started_on, school_id, station_mm, status, note';
    await ask(`INSERT INTO visit (${columns}) VALUES ?`, [visits]);
    const decisions = visits.map(([id]) => [v7(), ++lastNumber, practiceId, id, fitterId, '2025-01-01', '{}', OUTLINE]);
    await ask('INSERT INTO decision (id, seq, practice_id, visit_id, fitter_id, decided_at, body, outline) VALUES ?', [decisions]);
  }
  await rebuildEveryStanding(ask);
  await ask('ANALYZE TABLE horse, visit, decision');
}
