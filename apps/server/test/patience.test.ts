import { type AddressInfo, type Socket, connect, createServer } from 'node:net';
import { type DataSource } from 'typeorm';
import { openDatabase } from '../src/open-database';
import { asFulcraError } from '../src/platform/errors/plugin';
import { PATIENCE } from '../src/platform/db/patience';
import { newDatabase } from './running-server';

const SHORT = { connectionMs: 400, answerMs: 1500, hungMs: 2500, lockS: 1 };
const CONNECTIONS = 10;
const LONG =
  'SELECT COUNT(*) AS longest FROM information_schema.collations a, information_schema.collations b, information_schema.collations c, information_schema.collations d';
const undo: (() => unknown)[] = [];
afterEach(async () => {
  for (const step of undo.splice(0).reverse()) await step();
});

const opened = async (url: string): Promise<DataSource> => {
  const db = await openDatabase(url, SHORT);
  undo.push(() => db.destroy());
  return db;
};
/** What it ends with, and whether that was within the time: `slack` for what the machine does besides. */
const ended = async (work: Promise<unknown>, withinMs: number) => {
  const began = Date.now();
  const outcome = await work.then(
    () => 'done',
    (error: { code?: string; errno?: number }) => error.code ?? error.errno,
  );
  return { outcome, inTime: Date.now() - began < withinMs + 5000 };
};

/** A line to the database that can stop without breaking, as one does whose other end hangs. */
async function stoppableLine(url: string) {
  const { hostname, port } = new URL(url);
  let stopped = false;
  const open = new Set<Socket>();
  const relay = createServer((near) => {
    const far = connect(Number(port), hostname);
    for (const [one, other] of [
      [near, far],
      [far, near],
    ] as const) {
      open.add(one);
      one.on('data', (bytes) => other.write(bytes));
      if (stopped) one.pause();
      one.on('error', () => other.destroy());
      one.on('close', () => other.destroy());
    }
  });
  await new Promise<void>((done) => relay.listen(0, '127.0.0.1', done));
  undo.push(() => {
    for (const socket of open) socket.destroy();
    relay.close();
  });
  const through = new URL(url);
  [through.hostname, through.port] = ['127.0.0.1', String((relay.address() as AddressInfo).port)];
  const stop = (now: boolean) => {
    stopped = now;
    for (const socket of open)
      if (now) socket.pause();
      else socket.resume();
  };
  return { url: through.toString(), stop };
}

it('waits so long where nothing else is said: ten seconds for a connection, fifteen for an answer, twenty for one that hangs, five for a lock', async () => {
  expect(PATIENCE).toEqual({ connectionMs: 10_000, answerMs: 15_000, hungMs: 20_000, lockS: 5 });
  // a database that hangs is given up after it could have ended the question itself, and a connection is never waited for longer
  expect(PATIENCE.hungMs).toBeGreaterThan(PATIENCE.answerMs);
  const db = await openDatabase(await newDatabase());
  undo.push(() => db.destroy());
  const limits: object[] = await db.query('SELECT @@SESSION.max_statement_time AS answer, @@SESSION.innodb_lock_wait_timeout AS lock_');
  expect(limits.map((l) => Object.values(l).map(Number))).toEqual([[15, 5]]);
});

it('a question that runs too long is ended by the database itself, and its connection goes on', async () => {
  const db = await opened(await newDatabase());
  expect(await ended(db.query(LONG), SHORT.answerMs)).toEqual({
    outcome: 1969,
    inTime: true,
  });
  const running = await db.query("SELECT COUNT(*) AS n FROM information_schema.processlist WHERE info LIKE 'SELECT COUNT(*) AS long%'");
  expect(Number(running[0].n)).toBe(0);
});

it('while all connections are taken one more is refused in time; none of them is lost by it', async () => {
  const db = await opened(await newDatabase());
  const runners = Array.from({ length: CONNECTIONS }, () => db.createQueryRunner());
  for (const runner of runners) await runner.connect();
  const tries = await Promise.all(Array.from({ length: 30 }, () => ended(db.query('SELECT 1'), SHORT.connectionMs)));
  expect(tries).toEqual(Array(30).fill({ outcome: 'FULCRA_NO_CONNECTION', inTime: true }));
  for (const runner of runners) await runner.release();
  const after = await Promise.all(Array.from({ length: 3 * CONNECTIONS }, () => ended(db.query('SELECT 1'), SHORT.connectionMs)));
  expect(after.map((a) => a.outcome)).toEqual(Array(3 * CONNECTIONS).fill('done'));
});

it('a database that hangs is waited for so long and no longer, and is used again when it goes on', async () => {
  const line = await stoppableLine(await newDatabase());
  const db = await opened(line.url);
  expect(await db.query('SELECT 1 AS one')).toEqual([{ one: 1 }]);
  line.stop(true);
  const hung = await Promise.all(Array.from({ length: 2 * CONNECTIONS }, () => ended(db.query('SELECT 1'), SHORT.hungMs)));
  expect(new Set(hung.map((h) => h.outcome))).toEqual(new Set(['PROTOCOL_SEQUENCE_TIMEOUT', 'FULCRA_NO_CONNECTION']));
  expect(hung.every((h) => h.inTime)).toBe(true);
  line.stop(false);
  // what was cut off is not reused: the answer belongs to the question
  const answers = await Promise.all(Array.from({ length: 2 * CONNECTIONS }, (_, i) => db.query(`SELECT ${i} AS n`)));
  expect(answers).toEqual(Array.from({ length: 2 * CONNECTIONS }, (_, n) => [{ n }]));
});

it('another write’s lock is waited for so long, then it is said in a way that is tried again', async () => {
  const db = await opened(await newDatabase());
  await db.query('CREATE TABLE held (id INT PRIMARY KEY) ENGINE=InnoDB');
  await db.query('INSERT INTO held VALUES (1)');
  const holder = db.createQueryRunner();
  await holder.startTransaction();
  await holder.query('SELECT * FROM held WHERE id = 1 FOR UPDATE');
  const waited = await db.query('UPDATE held SET id = 2 WHERE id = 1').catch((error: { errno: number }) => error.errno);
  await holder.rollbackTransaction();
  await holder.release();
  expect(waited).toBe(1205);
});

it.each([
  { errno: 1969 },
  { code: 'PROTOCOL_SEQUENCE_TIMEOUT' },
  { code: 'FULCRA_NO_CONNECTION' },
  { code: 'FST_ERR_HANDLER_TIMEOUT' },
  { code: 'ETIMEDOUT' },
])('%j is said as not ready, which devices try again', (error) =>
  expect(asFulcraError(error as never)).toMatchObject({ code: 'NOT_READY', status: 503 }),
);
it('another error of the database is our own failure', () => {
  expect(asFulcraError({ errno: 1064, code: 'ER_PARSE_ERROR' } as never)).toMatchObject({ code: 'INTERNAL', status: 500 });
});
