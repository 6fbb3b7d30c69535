import { isDeepStrictEqual } from 'node:util';
import { inUseOfHorse } from '../src/horses/in-use';
import { STANDING_COLUMNS } from '../src/horses/standing';
import { inBin } from '../src/records/in-bin';

type Ask = (sql: string, values?: unknown[]) => Promise<unknown>;

const FOLLOWING = STANDING_COLUMNS.map(([column, sql]) => [`h.${column}`, sql] as const);

/** The horses whose kept standing isn't what follows from their visits, decisions and the bin, with the columns that differ, and the practices whose number of horses isn't. */
export async function standingsThatDiffer(ask: Ask): Promise<string[]> {
  const differ = FOLLOWING.map(([kept, follows]) => `IF(${kept} <=> ${follows}, NULL, '${kept}')`).join(', ');
  const rows = await ask(`SELECT CONCAT(s.name, ': ', s.differing) AS said FROM (
    SELECT h.name, CONCAT_WS(', ', ${differ}) AS differing FROM horse h) s WHERE s.differing <> ''`);
  const sizes = await ask(`SELECT p.name FROM practice p LEFT JOIN yard_size y ON y.practice_id = p.id
    WHERE COALESCE(y.horses, 0) <> (SELECT COUNT(*) FROM horse h WHERE h.practice_id = p.id AND NOT ${inBin('h.id')})`);
  const others = await inUseThatDiffer(ask);
  return [
    ...others,
    ...(rows as { said: string }[]).map(({ said }) => said),
    ...(sizes as { name: string }[]).map(({ name }) => `${name}: size`),
  ];
}

/** Horses that something says what they are ridden in of, and where that isn't what is kept. */
async function inUseThatDiffer(ask: Ask): Promise<string[]> {
  const told = `SELECT v.horse_id FROM visit v WHERE EXISTS (SELECT 1 FROM decision d WHERE d.visit_id = v.id AND d.saddle_id IS NOT NULL)
    OR EXISTS (SELECT 1 FROM visit_fact f WHERE f.visit_id = v.id AND JSON_VALUE(f.body, '$.kind') IN ('chosenSetting', 'leatherHoles'))`;
  const rows = (await ask(
    `SELECT id, name, in_use AS kept FROM horse WHERE id IN (${told}) OR rides_in <> 'null' OR in_use LIKE '%saddleId%'`,
  )) as {
    readonly id: string;
    readonly name: string;
    readonly kept: string;
  }[];
  const differ: string[] = [];
  for (const { id, name, kept } of rows)
    if (!isDeepStrictEqual(JSON.parse(kept), JSON.parse(JSON.stringify(await inUseOfHorse(ask, id))))) differ.push(`${name}: h.in_use`);
  return differ;
}

/** What was written past the server is made to follow, as its own writes do. */
export async function rebuildEveryStanding(ask: Ask): Promise<void> {
  await ask(`UPDATE horse h SET ${FOLLOWING.map(([kept, follows]) => `${kept} = ${follows}`).join(', ')}`);
  await ask('REPLACE INTO yard_size SELECT practice_id, COUNT(*) FROM horse WHERE in_bin = 0 GROUP BY practice_id');
}
