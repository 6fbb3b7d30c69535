import { spawn, spawnSync } from 'node:child_process';
import { appendFileSync, mkdtempSync, mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { DEMO_ACCOUNT } from '@fulcra/demo';
import { type DataSource } from 'typeorm';
import { v7 } from 'uuid';
import { ownerLinks } from '../src/owners/owner-links';
import { sessions } from '../src/platform/auth/session.repository';
import { seedDemo } from '../src/demo/seed';
import { migrate, openDatabase } from '../src/open-database';
import { collections } from '../src/stores/collections';
import { HORSE } from './journeys';

const ROOT = fileURLToPath(new URL('../../..', import.meta.url));
const scratch = mkdtempSync(join(tmpdir(), 'fulcra-backup-'));
spawnSync('chmod', ['755', scratch]);
const [source, backups] = [join(scratch, 'source'), join(scratch, 'backups')];
const env = { ...process.env, NODE_OPTIONS: '' };

/** The tool in a process of its own, as the command runs it. @returns what it printed last, as JSON */
function tool(body: string): Promise<unknown> {
  const imports = `import { privateMariadb } from '${ROOT}tools/database/mariadb.mjs'; import { backUp, restore, tableSums } from '${ROOT}tools/backup/backup.mjs';`;
  const child = spawn(process.execPath, ['--input-type=module', '-e', `${imports}\n${body}`], { env });
  let [out, err] = ['', ''];
  child.stdout.on('data', (d) => (out += String(d)));
  child.stderr.on('data', (d) => (err += String(d)));
  return new Promise((resolve, reject) =>
    child.once('exit', (code) => (code === 0 ? resolve(JSON.parse(out.trim().split('\n').at(-1)!)) : reject(new Error(err)))),
  );
}
const refusal = (body: string) => tool(`try { await ${body}; console.log('null'); } catch (e) { console.log(JSON.stringify(e.message)); }`);

let db: DataSource;
beforeAll(async () => {
  const url = (await tool(`const d = await privateMariadb('${source}'); console.log(JSON.stringify(d.url));`)) as string;
  db = await openDatabase(url);
  await migrate(db);
  await seedDemo(db);
}, 120_000);
afterAll(async () => {
  await db.destroy();
  await tool(`const d = await privateMariadb('${source}'); d.stop(); console.log('null');`);
  rmSync(scratch, { recursive: true, force: true });
}, 60_000);

const who = { ...DEMO_ACCOUNT, csrfToken: '', sealKey: '' };
/** Horses written one after the other until it is stopped, each noted once it was acknowledged. */
function writing(): { readonly acknowledged: string[]; readonly stop: () => Promise<void> } {
  const stores = collections(db);
  const acknowledged: string[] = [];
  let on = true;
  const under = (async () => {
    while (on) {
      const id = v7();
      await stores.horse.put(who, id, { ...HORSE, sex: 'mare', name: `Horse ${id}` });
      acknowledged.push(id);
    }
  })();
  return { acknowledged, stop: async () => ((on = false), under) };
}

/** What a restore ends: it isn't the same afterwards. */
const ENDED = ['session', 'owner_link', 'calendar_feed'];

describe('a drill', () => {
  it('under load, every write acknowledged before it began is in it, whole; at rest, every table is the same', async () => {
    const load = writing();
    while (load.acknowledged.length < 30) await new Promise((resolve) => setTimeout(resolve, 20));
    const before = [...load.acknowledged];
    const file = (await tool(`console.log(JSON.stringify(await backUp('${source}', '${backups}')));`)) as string;
    await load.stop();
    expect(load.acknowledged.length).toBeGreaterThan(before.length);
    const target = join(scratch, 'under-load');
    await tool(`await restore('${file}', '${target}'); console.log('null');`);
    const url = (await tool(`const d = await privateMariadb('${target}'); console.log(JSON.stringify(d.url));`)) as string;
    const restored = await openDatabase(url);
    const found = await restored.query<{ id: string }[]>('SELECT id FROM horse');
    expect(before.filter((id) => !found.some((f) => f.id === id))).toEqual([]);
    expect(await migrate(restored)).toEqual([]);
    await restored.destroy();
    await tool(`const d = await privateMariadb('${target}'); d.stop(); console.log('null');`);

    const [resting, other] = [new Date(Date.now() + 2000).toISOString(), join(scratch, 'at-rest')];
    const sums = await tool(`
      const file = await backUp('${source}', '${backups}', { now: new Date('${resting}') });
      const was = tableSums('${source}'); await restore(file, '${other}');
      const d = await privateMariadb('${other}'); const is = tableSums('${other}'); d.stop();
      console.log(JSON.stringify({ was, is }));`);
    const { was, is } = sums as { was: Record<string, string>; is: Record<string, string> };
    expect(Object.keys(was).length).toBeGreaterThan(25);
    const [kept, restoredTo] = [was, is].map((sums) => Object.entries(sums).filter(([table]) => !ENDED.includes(table)));
    expect(restoredTo).toEqual(kept);
  }, 180_000);

  it('ends what was issued before: nobody is signed in, no link opens, and says which to send anew', async () => {
    const horseId = (await db.query<{ id: string }[]>('SELECT id FROM horse ORDER BY id LIMIT 1'))[0]!.id;
    const links = ownerLinks(db);
    const [open, back] = [await links.make(who, horseId, 'Open', 30, new Date()), await links.make(who, horseId, 'Back', 30, new Date())];
    await links.revoke(who.practiceId, back.id, new Date());
    const signedIn = sessions(db);
    const token = await signedIn.open(who.personId, new Date());
    expect(await signedIn.find(token, new Date())).not.toBeNull();
    const target = join(scratch, 'ended');
    const said = (await tool(`const file = await backUp('${source}', '${join(scratch, 'ended-from')}');
      console.log(JSON.stringify(await restore(file, '${target}')));`)) as { links: { owner: string }[] };
    expect(said.links.map((l) => l.owner)).toContain('Open');
    expect(said.links.map((l) => l.owner)).not.toContain('Back');
    const url = (await tool(`const d = await privateMariadb('${target}'); console.log(JSON.stringify(d.url));`)) as string;
    const restored = await openDatabase(url);
    expect(await sessions(restored).find(token, new Date())).toBeNull();
    await expect(ownerLinks(restored).open(open.token, new Date())).rejects.toMatchObject({ code: 'LINK_UNKNOWN' });
    expect((await ownerLinks(restored).ofHorse(who.practiceId, horseId)).every((l) => l.revokedAt !== null)).toBe(true);
    await restored.destroy();
    await tool(`const d = await privateMariadb('${target}'); d.stop(); console.log('null');`);
  }, 120_000);

  it('cut off, starts on nothing and says so; begun again, it is whole', async () => {
    const target = join(scratch, 'cut-off');
    const files = readdirSync(backups).filter((name) => name.endsWith('.sql.gz'));
    const file = join(backups, files[0]!);
    // as one that was killed while it read in leaves it
    mkdirSync(join(`${target}.restoring`, 'data'), { recursive: true });
    writeFileSync(join(`${target}.restoring`, 'data', 'half'), 'x');
    expect(await refusal(`privateMariadb('${target}')`)).toMatch(
      /was being restored into .* and was cut off: .* Run npm run restore again/,
    );
    expect(readdirSync(scratch)).not.toContain('cut-off');
    await tool(`await restore('${file}', '${target}'); console.log('null');`);
    expect(readdirSync(scratch)).not.toContain('cut-off.restoring');
    const names = await tool(`const d = await privateMariadb('${target}'); const sums = tableSums('${target}'); d.stop();
      console.log(JSON.stringify(Object.keys(sums)));`);
    expect(names).toEqual(expect.arrayContaining(['horse', 'visit', 'migration']));
  }, 120_000);

  it('keeps so many and no more, and touches nothing else in the folder', async () => {
    const folder = join(scratch, 'rotated');
    mkdirSync(folder);
    writeFileSync(join(folder, 'mine.txt'), 'kept');
    await tool(
      `for (let i = 0; i < 3; i++) await backUp('${source}', '${folder}', { keep: 2, now: new Date(Date.UTC(2026, 10, 20, 9, i)) }); console.log('null');`,
    );
    expect(readdirSync(folder).sort()).toEqual([
      'fulcra-20261120-090100.sql.gz',
      'fulcra-20261120-090100.sql.gz.json',
      'fulcra-20261120-090200.sql.gz',
      'fulcra-20261120-090200.sql.gz.json',
      'mine.txt',
    ]);
  }, 120_000);

  it('is not restored over a database, nor from a file that is not whole', async () => {
    const file = join(scratch, 'rotated', 'fulcra-20261120-090200.sql.gz');
    expect(await refusal(`restore('${file}', '${source}')`)).toMatch(/There is a database in .* already\. Nothing was changed/);
    expect(await refusal(`restore('${file}.gone', '${join(scratch, 'x')}')`)).toMatch(/is not in/);
    appendFileSync(file, 'x');
    expect(await refusal(`restore('${file}', '${join(scratch, 'x')}')`)).toMatch(/check sum differs/);
    rmSync(`${file}.json`);
    expect(await refusal(`restore('${file}', '${join(scratch, 'x')}')`)).toMatch(/is missing beside it/);
  }, 60_000);
});
