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

describe('a sign-in that fails', () => {
  it('is logged by account and net, without what was typed', async () => {
    const lines: string[] = [];
    const write = process.stdout.write;
    process.stdout.write = (chunk: string | Uint8Array) => lines.push(String(chunk)) > 0;
    const running = await startServer({ logLevel: 'info' });
    try {
      const typed = 'not-the-password-7';
      for (const email of [DEMO_ACCOUNT.email, 'nobody@far.example'])
        expect((await running.visitor().signIn(email, typed)).body.error.code).toBe('SIGN_IN_REFUSED');
      const told = lines
        .filter((line) => line.includes('sign-in refused'))
        .map((line) => JSON.parse(line) as { account: string; from: string });
      expect(told).toHaveLength(2);
      expect(told[0]!.account).toMatch(/^[0-9a-f]{12}$/);
      expect(told[0]!.account).not.toBe(told[1]!.account);
      expect(told[0]!.from).toBe('127.0.0.0/24');
      for (const secret of [typed, DEMO_ACCOUNT.email, 'nobody@far.example']) expect(lines.join('')).not.toContain(secret);
    } finally {
      process.stdout.write = write;
      await running.stop();
    }
  });
});

it('pages of ours may ask for camera, sensors and security keys, and nobody for where one is', async () => {
  const running = await startServer();
  try {
    const policy = (await fetch(`${running.base}/api/welcome`)).headers.get('permissions-policy')!;
    for (const asked of ['camera', 'gyroscope', 'screen-wake-lock', 'serial', 'bluetooth', 'publickey-credentials-get'])
      expect(policy).toContain(`${asked}=(self)`);
    for (const never of ['geolocation', 'microphone', 'payment']) expect(policy).toContain(`${never}=()`);
  } finally {
    await running.stop();
  }
});

describe('the configuration', () => {
  it('names what is missing or wrong', () => {
    expect(() => configFrom({})).toThrow(/DATABASE_URL is not set/);
    expect(() => configFrom({ DATABASE_URL: 'mysql://x', PORT: 'eighty' })).toThrow(/"eighty" is not a whole number/);
    expect(configFrom({ DATABASE_URL: 'mysql://x' })).toMatchObject({ host: '127.0.0.1', demo: false, secureCookies: false });
  });
});
