import { createHash } from 'node:crypto';
import { createReadStream, createWriteStream, existsSync, mkdirSync, readFileSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { spawn } from 'node:child_process';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import { asRoot, client, privateMariadb, readSettings } from '../database/mariadb.mjs';
import { placeIn, restoringBeside } from '../database/place.mjs';
import { putInPlace, writeWhole } from '../machine/write-whole.mjs';
import { folderError } from '../database/why-not.mjs';

/** Counted up when a backup holds something else, or otherwise. */
const FORMAT = 1;
/** How many are kept, newest first (default). */
export const KEPT = 14;
const NAME = /^fulcra-\d{8}-\d{6}\.sql\.gz$/;

/** Rows that a question gives, without their names. */
function asked(place, settings, sql) {
  const done = client(place, settings.root, ['--skip-column-names', settings.database, '-e', sql]);
  if (done.status !== 0) throw new Error(`MariaDB refused "${sql}": ${done.stderr}`);
  return done.stdout.split('\n').flatMap((line) => (line === '' ? [] : [line.split('\t')]));
}

/** Check sums of every table, as MariaDB counts them; what is only counted while it runs (sessions, tries) too. */
export function tableSums(dir) {
  const place = placeIn(dir);
  const settings = readSettings(place);
  const names = asked(place, settings, 'SHOW TABLES').map(([name]) => name);
  return Object.fromEntries(
    asked(place, settings, `CHECKSUM TABLE ${names.join(', ')}`).map(([name, sum]) => [name.split('.').at(-1), sum]),
  );
}

/**
 * Everything of a practice's database, photos too, as it stood at one moment, while it goes on being written to: what was acknowledged
 * before it began is in it. Written beside, then put in place, with a list of what it holds.
 * @param dir  data folder, whose database runs
 * @param to  folder of the backups
 * @returns the file
 */
export async function backUp(dir, to, { keep = KEPT, now = new Date() } = {}) {
  const place = placeIn(dir);
  const settings = readSettings(place);
  if (settings === null) throw new Error(`There is no database in ${place.data} to back up.`);
  try {
    mkdirSync(to, { recursive: true, mode: 0o700 });
    const stamp = now.toISOString().replace(/[-:]/g, '').replace('T', '-').slice(0, 15);
    const file = join(to, `fulcra-${stamp}.sql.gz`);
    const sha256 = await dumped(place, settings, `${file}.part`);
    const [migration] = asked(place, settings, 'SELECT name FROM migration ORDER BY timestamp DESC LIMIT 1')[0] ?? ['none'];
    const holds = { format: FORMAT, madeAt: now.toISOString(), database: settings.database, migration, sha256 };
    writeWhole(`${file}.json`, JSON.stringify(holds, null, 2));
    putInPlace(`${file}.part`, file);
    rotate(to, keep);
    return file;
  } catch (error) {
    throw folderError(error, to);
  }
}

/** @returns the file's SHA-256 */
async function dumped(place, settings, file) {
  const { args, env } = asRoot(place, settings.root);
  const log = existsSync(place.changes) ? ['--master-data=2'] : [];
  const flags = ['--single-transaction', '--quick', '--hex-blob', '--routines', '--triggers', '--default-character-set=utf8mb4', ...log];
  const dump = spawn('mariadb-dump', [...args, ...flags, settings.database], { env, stdio: ['ignore', 'pipe', 'pipe'] });
  let said = '';
  dump.stderr.on('data', (text) => (said += text));
  const ended = new Promise((resolve) => dump.once('close', resolve));
  await pipeline(dump.stdout, createGzip(), createWriteStream(file, { mode: 0o600 }));
  if ((await ended) !== 0) throw new Error(`The backup was not made: ${said.trim()}`);
  return sumOf(file);
}

async function sumOf(file) {
  const sum = createHash('sha256');
  await pipeline(createReadStream(file), sum);
  return sum.digest('hex');
}

/** The oldest go once there are more than are kept; nothing else in the folder is touched. */
function rotate(to, keep) {
  const all = readdirSync(to)
    .filter((name) => NAME.test(name))
    .sort();
  for (const name of all.slice(0, Math.max(0, all.length - keep))) {
    rmSync(join(to, name));
    rmSync(join(to, `${name}.json`), { force: true });
  }
}

/** Codes and links of the practice's calendars and owners, and who is signed in: what was issued before a backup is put back. */
const ISSUED = {
  session: 'DELETE FROM session',
  calendar_feed: 'DELETE FROM calendar_feed',
  owner_link: 'UPDATE owner_link SET revoked_at = UTC_TIMESTAMP(3) WHERE revoked_at IS NULL',
};
const LINKS_OPEN = `SELECT h.name, l.owner_name FROM owner_link l JOIN horse h ON h.id = l.horse_id
  WHERE l.revoked_at IS NULL AND l.expires_at > UTC_TIMESTAMP(3) ORDER BY h.name, l.owner_name`;

/**
 * Puts a backup into a data folder that holds no database yet; nothing that stands anywhere is written over. It is read in beside the
 * folder and put in its place once it is whole, so that one cut off leaves a database that starts on nothing.
 * Everything issued before is ended: whoever signed out, and whoever a link was taken from, would be in again otherwise.
 * @returns what the backup says of itself, and the links to owners and the calendars that have to be issued again
 * @throws where the file isn't whole, is of another format, or the folder holds a database
 */
export async function restore(file, dir) {
  const place = placeIn(dir);
  const holds = holdingsOf(file);
  if (holds.format > FORMAT) throw new Error(`${file} was made by a later Fulcra (format ${holds.format}): restore it with that one.`);
  if ((await sumOf(file)) !== holds.sha256) throw new Error(`${file} is not as it was made: its check sum differs. Take another backup.`);
  if (existsSync(place.data) && readdirSync(place.data).length > 0)
    throw new Error(
      `There is a database in ${place.data} already. Nothing was changed: move it away, or choose an empty folder with FULCRA_DATA_DIR.`,
    );
  const staged = restoringBeside(dir);
  // of an earlier one that was cut off
  rmSync(staged, { recursive: true, force: true });
  try {
    const ended = await readIn(file, staged);
    putWhole(staged, dir);
    return { ...holds, ...ended };
  } catch (error) {
    throw folderError(error, dir);
  }
}

/** Reads a backup into a folder of its own, and ends what was issued. @returns what has to be issued again */
async function readIn(file, staged) {
  const place = placeIn(staged);
  const database = await privateMariadb(staged);
  try {
    const settings = readSettings(place);
    const { args, env } = asRoot(place, settings.root);
    const load = spawn('mariadb', [...args, settings.database], { env, stdio: ['pipe', 'ignore', 'pipe'] });
    let said = '';
    load.stderr.on('data', (text) => (said += text));
    const ended = new Promise((resolve) => load.once('close', resolve));
    await pipeline(createReadStream(file), createGunzip(), load.stdin);
    if ((await ended) !== 0) throw new Error(`The backup could not be read in: ${said.trim()}`);
    return endIssued(place, settings);
  } finally {
    database.stop();
  }
}

function endIssued(place, settings) {
  const tables = asked(place, settings, 'SHOW TABLES').map(([name]) => name);
  const has = (name) => tables.includes(name);
  const links = has('owner_link') ? asked(place, settings, LINKS_OPEN).map(([horse, owner]) => ({ horse, owner })) : [];
  const calendars = has('calendar_feed') ? Number(asked(place, settings, 'SELECT COUNT(*) FROM calendar_feed')[0][0]) : 0;
  for (const [table, sql] of Object.entries(ISSUED)) if (has(table)) asked(place, settings, sql);
  return { links, calendars };
}

/** What belongs to a database that ran beside and runs no more; its log of changes names files where it ran. */
const NOT_MOVED = ['binlog', 'tmp', 'mariadb.sock', 'mariadb.pid', 'start.lock'];

/** The database itself last: until then the folder holds none, and what it was read into says that it isn't whole. */
function putWhole(staged, dir) {
  mkdirSync(dir, { recursive: true, mode: 0o700 });
  const names = readdirSync(staged).filter((name) => !NOT_MOVED.includes(name));
  for (const name of [...names.filter((n) => n !== 'data'), 'data']) {
    rmSync(join(dir, name), { recursive: true, force: true });
    renameSync(join(staged, name), join(dir, name));
  }
  rmSync(staged, { recursive: true, force: true });
}

function holdingsOf(file) {
  const beside = `${file}.json`;
  if (!existsSync(file)) throw new Error(`${basename(file)} is not in ${dirname(file)}.`);
  if (!existsSync(beside))
    throw new Error(`${basename(beside)} is missing beside it: without it nobody can tell whether the backup is whole.`);
  return JSON.parse(readFileSync(beside, 'utf8'));
}
