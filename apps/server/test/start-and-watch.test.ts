import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const ROOT = fileURLToPath(new URL('../../..', import.meta.url));
const scratch = mkdtempSync(join(tmpdir(), 'fulcra-watch-'));
spawnSync('chmod', ['755', scratch]);
afterAll(() => rmSync(scratch, { recursive: true, force: true }));

/** A script that sees the start's own tools; what it prints as JSON. */
function script(body: string): unknown {
  const imports = `import * as place from '${ROOT}tools/database/place.mjs'; import * as why from '${ROOT}tools/database/why-not.mjs';
    import { watched } from '${ROOT}tools/database/watched.mjs'; import * as start from '${ROOT}tools/start/one-start.mjs';
    import { privateMariadb } from '${ROOT}tools/database/mariadb.mjs'; import { EventEmitter } from 'node:events'; import { spawnSync } from 'node:child_process';`;
  const done = spawnSync(process.execPath, ['--input-type=module', '-e', `${imports}\n${body}`], {
    encoding: 'utf8',
    env: { ...process.env, NODE_OPTIONS: '' },
    timeout: 60_000,
  });
  if (done.status !== 0) throw new Error(done.stderr);
  return JSON.parse(done.stdout.trim().split('\n').at(-1)!);
}
const refusal = (body: string): string =>
  script(`try { ${body}; console.log('null'); } catch (e) { console.log(JSON.stringify(e.message)); }`) as string;

describe('where a database lies', () => {
  it('in its own folder; with a long path its socket lies in a private folder that no other has', () => {
    const long = (end: string): string => join(scratch, 'a'.repeat(90 - scratch.length), end);
    const of = (dir: string) => script(`console.log(JSON.stringify(place.placeIn('${dir}')))`) as Record<string, string>;
    const short = of(join(scratch, 'd'));
    expect([short.socket, short.tmp, short.data].every((path) => path!.startsWith(join(scratch, 'd')))).toBe(true);
    // 107 bytes are as many as a socket's path may have
    const within = `${scratch}/${'b'.repeat(107 - scratch.length - 1 - '/mariadb.sock'.length)}`;
    expect(Buffer.byteLength(of(within).socket!)).toBe(107);
    expect(of(within).socket!.startsWith(within)).toBe(true);
    expect(of(`${within}b`).socket!.startsWith(within)).toBe(false);
    const [one, other] = [of(long('clone-of-the-first')), of(long('clone-of-the-other'))];
    expect(one.socket).not.toBe(other.socket);
    expect(spawnSync('stat', ['-c', '%a', join(one.socket!, '..')], { encoding: 'utf8' }).stdout.trim()).toBe('700');
  });

  it.each([
    ['2026 0 [ERROR] InnoDB: Write to file ./ibdata1 failed: No space left on device', /the disk is full/],
    ['2026 0 [ERROR] InnoDB: Unable to lock ./ibdata1 error: 11', /another MariaDB is running/],
    ['2026 0 [ERROR] InnoDB: Upgrade after a crash is not supported.', /another version/],
    ["2026 0 [ERROR] mariadbd: Can't create/write to file 'x' (Errcode: 30 \"Read-only file system\")", /can't be written to/],
    ["2026 0 [ERROR] Can't start server: Bind on TCP/IP port. Got error: 98", /port is taken/],
    ['2026 0 [ERROR] Something of its own', /^Something of its own/],
    ['2026 0 [Note] all well', /wrote no reason/],
  ])('says why it does not start: %s', (line, words) => {
    const log = join(scratch, 'of.log');
    writeFileSync(log, `2020 0 [Note] InnoDB: starting\n${line}\n`);
    expect(script(`console.log(JSON.stringify(why.whyNot('${log}')))`)).toMatch(words);
  });
});

describe('what is watched', () => {
  it('is started again after a pause that grows, and given up after so many times in a row', () => {
    const told = script(`
      const told = []; const children = []; const launch = () => { const c = new EventEmitter(); children.push([c, Date.now()]); return c; };
      watched(launch(), { name: 'It', launch, say: (t) => told.push(t), onGivenUp: (n) => told.push(n), pausesMs: [20, 40], wellMs: 1000 });
      for (let i = 0; i < 3; i++) { children[i][0].emit('exit', 1, null); await new Promise((r) => setTimeout(r, 80)); }
      console.log(JSON.stringify({ told, launched: children.length }));`);
    expect(told).toEqual({
      told: [
        'It ended by itself (code 1); it is started again in 0.02 s.',
        'It ended by itself (code 1); it is started again in 0.04 s.',
        2,
      ],
      launched: 3,
    });
  });

  it('counts anew once it was well for long enough, and is left alone once the watch is over', () => {
    const told = script(`
      const told = []; let c; let n = 0; const launch = () => { n++; return (c = new EventEmitter()); };
      const end = watched(launch(), { name: 'It', launch, say: () => 0, onGivenUp: () => told.push('given up'), pausesMs: [5], wellMs: 30 });
      for (let i = 0; i < 4; i++) { await new Promise((r) => setTimeout(r, 60)); c.emit('exit', null, 'SIGKILL'); }
      await new Promise((r) => setTimeout(r, 30)); end(); c.emit('exit', 0, null); await new Promise((r) => setTimeout(r, 30));
      console.log(JSON.stringify({ told, n }));`);
    expect(told).toEqual({ told: [], n: 5 });
  });

  it('a database killed hard answers again, with all it had', () => {
    const dir = join(scratch, 'killed');
    const told = script(`
      const db = await privateMariadb('${dir}', { throwAway: true }); const said = [];
      db.watch({ say: (t) => said.push(t), onGivenUp: (t) => said.push(t) });
      const u = new URL(db.url);
      const env = { ...process.env, MYSQL_PWD: u.password };
      const answers = () => spawnSync('mariadb', ['--no-defaults', '-h127.0.0.1', '-P' + u.port, '-u' + u.username, '-e', 'SELECT 1'], { env }).status === 0;
      process.kill(db.pid, 'SIGKILL');
      await new Promise((r) => setTimeout(r, 500));
      const wasGone = !answers();
      for (let i = 0; i < 100 && !answers(); i++) await new Promise((r) => setTimeout(r, 300));
      const back = answers(); db.stop(); console.log(JSON.stringify({ said, wasGone, back }));`);
    expect(told).toEqual({ said: ['MariaDB ended by itself (SIGKILL); it is started again in 1 s.'], wasGone: true, back: true });
  }, 90_000);
});

describe('the server that npm start runs', () => {
  const run = (body: string) =>
    script(`
      import { served } from '${ROOT}tools/start/served.mjs';
      const told = []; const children = [];
      const launch = () => { const c = new EventEmitter(); children.push(c); return c; };
      const server = served({ launch, say: (t) => told.push(t), onListening: () => told.push('listens'), onEnd: (c) => told.push(c), pausesMs: [5, 10], wellMs: 1000 });
      const wait = (ms) => new Promise((r) => setTimeout(r, ms));
      ${body}
      console.log(JSON.stringify({ told, started: children.length, last: server.current() === children.at(-1) }));`) as {
      told: unknown[];
      started: number;
      last: boolean;
    };

  it('that never listened ends the start with its code', () => {
    expect(run(`children[0].emit('exit', 3, null); await wait(30);`)).toMatchObject({ told: [3], started: 1 });
  });

  it('that was killed once it listened is started again, and given up with the reason after so many in a row', () => {
    const once = run(`children[0].emit('message', { listening: true }); children[0].emit('exit', null, 'SIGKILL'); await wait(30);`);
    expect(once).toEqual({
      told: ['listens', 'The server ended by itself (SIGKILL); it is started again in 0.005 s.'],
      ...{ started: 2, last: true },
    });
    const always = run(`children[0].emit('message', { listening: true });
      for (let i = 0; i < 3; i++) { children[i].emit('exit', 1, null); await wait(30); }`);
    expect(always.started).toBe(3);
    expect(always.told.slice(-2)).toEqual([expect.stringMatching(/3 times in a row, so it isn't started again/), 1]);
  });

  it('that is being stopped is not started again', () => {
    const stopped = run(
      `children[0].emit('message', { listening: true }); server.leave(); children[0].emit('exit', 0, null); await wait(30);`,
    );
    expect(stopped).toMatchObject({ told: ['listens'], started: 1 });
  });
});

describe('one start', () => {
  it('serves a folder; a second one says where, and one that is gone is taken over', async () => {
    const lock = join(scratch, 'locked', 'start.lock');
    const holder = spawn(process.execPath, ['-e', 'setInterval(() => 0, 1000)', 'tools/start/main.mjs'], { stdio: 'ignore' });
    mkdirSync(join(lock, '..'), { recursive: true });
    writeFileSync(lock, JSON.stringify({ pid: holder.pid, url: 'http://127.0.0.1:4380' }));
    await new Promise((resolve) => setTimeout(resolve, 200));
    const second = `start.oneStart('${lock}', 'http://127.0.0.1:9')`;
    expect(refusal(second)).toMatch(/serves this folder already, at http:\/\/127\.0\.0\.1:4380 \(process \d+\)/);
    holder.kill('SIGKILL');
    await new Promise((resolve) => holder.once('exit', resolve));
    expect(refusal(`${second}()`)).toBeNull();
    expect(existsSync(lock)).toBe(false);
    writeFileSync(lock, 'not JSON');
    expect(refusal(second)).toBeNull();
    expect(JSON.parse(readFileSync(lock, 'utf8'))).toMatchObject({ url: 'http://127.0.0.1:9' });
  });

  it('takes its own port or none', async () => {
    const taken = createServer().listen(0, '127.0.0.1');
    await new Promise((resolve) => taken.once('listening', resolve));
    const { port } = taken.address() as { port: number };
    expect(refusal(`await start.needPort(${port})`)).toMatch(new RegExp(`Port ${port} can't be had \\(another program listens there\\)`));
    await new Promise((resolve) => taken.close(resolve));
    expect(refusal(`await start.needPort(${port})`)).toBeNull();
  });
});
