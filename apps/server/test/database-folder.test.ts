import { type ChildProcess, spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, readdirSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import mysql from 'mysql2/promise';

const TOOL = fileURLToPath(new URL('../../../tools/database/mariadb.mjs', import.meta.url));
/** Every parent of a data folder must let MariaDB's own user through. */
const open = (dir: string): string => {
  spawnSync('chmod', ['755', dir]);
  return dir;
};
import { spawnSync } from 'node:child_process';

/** The tool in a process of its own, as the start command runs it. */
function tool(script: string): Promise<{ readonly code: number; readonly out: string; readonly err: string }> {
  const child: ChildProcess = spawn(process.execPath, ['--input-type=module', '-e', `import * as db from '${TOOL}'; ${script}`], {
    env: { ...process.env, NODE_OPTIONS: '' },
  });
  let [out, err] = ['', ''];
  child.stdout!.on('data', (d) => (out += String(d)));
  child.stderr!.on('data', (d) => (err += String(d)));
  return new Promise((resolve) => child.once('exit', (code) => resolve({ code: code ?? 1, out: out.trim(), err })));
}
const dir = open(mkdtempSync(join(tmpdir(), 'fulcra-folder-')));
const settings = join(dir, 'settings.json');
const start = () => tool(`const d = await db.privateMariadb('${dir}', { throwAway: true }); console.log(d.url);`);
const stop = () => tool(`const d = await db.privateMariadb('${dir}', { throwAway: true }); d.stop();`);
const asked = async (url: string, sql: string) => {
  const connection = await mysql.createConnection(url);
  try {
    return (await connection.query(sql))[0] as { word: string }[];
  } finally {
    await connection.end();
  }
};

beforeAll(async () => {
  const { out } = await start();
  await asked(out, 'CREATE TABLE kept (word VARCHAR(20))');
  await asked(out, "INSERT INTO kept VALUES ('still here')");
  await stop();
}, 60_000);
afterAll(async () => {
  await stop();
  rmSync(dir, { recursive: true, force: true });
}, 60_000);

const size = () => readdirSync(join(dir, 'data')).length;

describe('a folder that holds a database', () => {
  it.each([
    ['missing', () => renameSync(settings, `${settings}.away`), /is not there/],
    ['empty', () => writeFileSync(settings, ''), /is empty/],
    ['broken', () => writeFileSync(settings, '{"root":"x'), /is not JSON/],
    ['half', () => writeFileSync(settings, '{"root":"x","port":1}'), /lacks user, password, database/],
  ])(
    'whose settings are %s is left as it is, and it is said what to do',
    async (_, spoil, words) => {
      const [before, whole] = [size(), readFileSync(settings, 'utf8')];
      spoil();
      const { code, err } = await start();
      expect(code).not.toBe(0);
      expect(err).toMatch(words);
      expect(err).toContain('Nothing was changed');
      expect(err).toContain('database-passwords');
      expect(size()).toBe(before);
      writeFileSync(settings, whole);
      expect(await asked((await start()).out, 'SELECT word FROM kept')).toEqual([{ word: 'still here' }]);
      await stop();
    },
    60_000,
  );

  it('whose first start was cut short before its passwords were set is gone on with', async () => {
    const young = open(mkdtempSync(join(tmpdir(), 'fulcra-young-')));
    const kept = { root: 'r00t', user: 'fulcra', password: 'pa55', database: 'fulcra', port: 0 };
    await tool(`const place = db.placeIn('${young}'); db.initialise(place); db.writeSettings(place, ${JSON.stringify(kept)});`);
    const { code, out, err } = await tool(
      `const d = await db.privateMariadb('${young}', { throwAway: true }); console.log(d.url); process.on('exit', () => d.stop());`,
    );
    expect([code, err]).toEqual([0, '']);
    expect(out).toMatch(/^mysql:\/\/fulcra:pa55@/);
    rmSync(young, { recursive: true, force: true });
  }, 120_000);

  it('gets new passwords by one command, and has all its data', async () => {
    rmSync(settings);
    expect((await tool(`await db.newPasswords('${dir}');`)).err).toBe('');
    const { out } = await start();
    expect(await asked(out, 'SELECT word FROM kept')).toEqual([{ word: 'still here' }]);
    expect(existsSync(`${settings}.new`)).toBe(false);
  }, 60_000);
});
