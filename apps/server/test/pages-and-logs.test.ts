import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DEMO_ACCOUNT } from '@fulcra/demo';
import { configFrom } from '../src/platform/config';
import { demoFitter, startedVisit } from './journeys';
import { startServer } from './running-server';

const webDir = mkdtempSync(join(tmpdir(), 'fulcra-pages-'));
beforeAll(() => {
  mkdirSync(join(webDir, '_expo'));
  writeFileSync(join(webDir, 'index.html'), '<title>Fulcra</title>');
  writeFileSync(join(webDir, '_expo', 'entry-abc.js'), 'void 0;');
});
afterAll(() => rmSync(webDir, { recursive: true, force: true }));

describe('the pages', () => {
  it('every deep link gets the one page, every missing file and API address an error', async () => {
    const running = await startServer({ webDir });
    try {
      for (const path of ['/', '/visits/019b8b1f-2400-7000-8000-000000000131/front', '/no/such/page']) {
        const reply = await fetch(running.base + path);
        expect([path, reply.status, await reply.text()]).toEqual([path, 200, '<title>Fulcra</title>']);
        expect(reply.headers.get('cache-control')).toBe('no-cache');
      }
      expect((await fetch(`${running.base}/missing.js`)).status).toBe(404);
      expect((await fetch(`${running.base}/api/missing`)).status).toBe(401);
      expect((await fetch(`${running.base}/_expo/entry-abc.js`)).headers.get('cache-control')).toContain('immutable');
    } finally {
      await running.stop();
    }
  });
});

describe('the logs', () => {
  it('hold routes and request ids, and nothing of a person, a horse or an id', async () => {
    const lines: string[] = [];
    const write = process.stdout.write;
    process.stdout.write = (chunk: string | Uint8Array) => lines.push(String(chunk)) > 0;
    const running = await startServer({ logLevel: 'info' });
    try {
      const fitter = await demoFitter(running);
      const ids = await startedVisit(fitter);
      await fitter.send('GET', `/api/horses/${ids.horseId}`);
      const text = lines.join('');
      expect(text).toContain('"route":"/api/horses/:horseId"');
      expect(text).toContain('reqId');
      for (const secret of [ids.horseId, ids.visitId, 'Sorrel', DEMO_ACCOUNT.email, DEMO_ACCOUNT.password, fitter.cookie])
        expect(text).not.toContain(secret);
    } finally {
      process.stdout.write = write;
      await running.stop();
    }
  });
});

describe('the configuration', () => {
  it('names what is missing or wrong', () => {
    expect(() => configFrom({})).toThrow(/DATABASE_URL is not set/);
    expect(() => configFrom({ DATABASE_URL: 'mysql://x', PORT: 'eighty' })).toThrow(/"eighty" is not a whole number/);
    expect(configFrom({ DATABASE_URL: 'mysql://x' })).toMatchObject({ host: '127.0.0.1', demo: false, secureCookies: false });
  });
});
