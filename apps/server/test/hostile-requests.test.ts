import { connect } from 'node:net';
import { seedDemo } from '../src/demo/seed';
import { migrate, openDatabase } from '../src/open-database';
import { oneAtATime } from '../src/platform/db/one-at-a-time';
import { HORSE, demoFitter } from './journeys';
import { type Running, type Visitor, newDatabase, startServer } from './running-server';
import { v7 } from 'uuid';

let running: Running;
let fitter: Visitor;
beforeAll(async () => {
  running = await startServer({ requestWithinMs: 1000 });
  fitter = await demoFitter(running);
});
afterAll(() => running.stop());

describe('where a request says it comes from', () => {
  const put = (origin: string) => fitter.send('PUT', `/api/horses/${v7()}`, HORSE, { origin });
  it.each(['', 'not an address', 'http://', '::', 'http://[', 'javascript:'])(
    '"%s" is refused as unreadable or foreign, never a 500',
    async (origin) => {
      expect([400, 403]).toContain((await put(origin)).status);
    },
  );
  it('ours is taken, an opaque or another one isn’t', async () => {
    expect((await put(running.base)).status).toBe(200);
    expect((await put('null')).body.error.code).toBe('CSRF_REFUSED');
    expect((await put('http://elsewhere.example')).body.error.code).toBe('CSRF_REFUSED');
  });
});

describe('an address spelt with escaped letters', () => {
  it('is the same route behind the same guard', async () => {
    const nobody = running.visitor();
    for (const path of ['/%61pi/session', '/api/%73ession', '/%61%70%69/horses', '/api/%68orses']) {
      expect([path, (await nobody.send('GET', path)).status]).toEqual([path, 401]);
    }
    expect((await nobody.send('DELETE', '/%61pi/session')).status).toBe(401);
    expect((await fitter.send('DELETE', '/%61pi/session', undefined, { 'x-fulcra-csrf': 'wrong' })).status).toBe(403);
  });
});

describe('what a practice keeps', () => {
  it('is kept by no cache on the way', async () => {
    for (const path of ['/api/horses', '/api/saddles', '/api/session']) {
      expect((await fitter.send('GET', path)).headers.get('cache-control')).toBe('no-store');
    }
  });
});

describe('a body that never arrives', () => {
  it('is let go, and holds no line', async () => {
    const { port } = new URL(running.base);
    const head = `PUT /api/horses/${v7()} HTTP/1.1\r\nhost: 127.0.0.1:${port}\r\ncontent-type: application/json\r\ncontent-length: 1000\r\n\r\n{`;
    const ended = await Promise.all(
      Array.from(
        { length: 20 },
        () =>
          new Promise<string>((resolve) => {
            const line = connect(Number(port), '127.0.0.1', () => line.write(head));
            line.on('data', () => undefined);
            line.on('close', () => resolve('closed'));
            line.on('error', () => resolve('closed'));
            setTimeout(() => resolve('still open'), 15_000).unref();
          }),
      ),
    );
    expect(ended.filter((e) => e === 'still open')).toEqual([]);
    expect((await fitter.send('GET', '/api/health')).status).toBe(200);
  }, 30_000);
});

describe('two processes that start on one empty database', () => {
  it('both come up, and it is migrated and filled once', async () => {
    const url = await newDatabase();
    const start = async () => {
      const db = await openDatabase(url);
      try {
        return await oneAtATime(db, async () => ({ ran: await migrate(db), seeded: await seedDemo(db) }));
      } finally {
        await db.destroy();
      }
    };
    const both = await Promise.all([start(), start()]);
    expect(both.map((b) => b.ran.length > 0).sort()).toEqual([false, true]);
    expect(both.map((b) => b.seeded).sort()).toEqual([false, true]);
  }, 60_000);
});
