import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { PROBLEMS } from '@fulcra/core';
import { ERRORS } from '../src/platform/errors/registry';
import { migrate } from '../src/open-database';
import { seedDemo } from '../src/demo/seed';
import { type Running, startServer } from './running-server';

const ERROR_PAGE = resolve(process.cwd(), '../../docs/errors.md');
let running: Running;
beforeAll(async () => {
  running = await startServer();
});
afterAll(() => running.stop());

describe('the platform', () => {
  it('every error code is documented, and nothing else is', () => {
    const page = readFileSync(ERROR_PAGE, 'utf8');
    const documented = [...page.matchAll(/^\| `([A-Z_]+)` /gm)].map((m) => m[1]).sort();
    expect(documented).toEqual([...Object.keys(ERRORS), ...Object.keys(PROBLEMS)].sort());
  });

  it('each is documented with its status, its words and its values as the code has them', () => {
    const page = readFileSync(ERROR_PAGE, 'utf8');
    const rows = [...page.matchAll(/^\| `([A-Z_]+)`\s*\|(.*)\|$/gm)].map(
      (m) => [m[1]!, m[2]!.split('|').map((cell) => cell.trim())] as const,
    );
    const told = Object.fromEntries(rows);
    for (const [code, { status, message, remedy }] of Object.entries(ERRORS))
      expect([code, ...told[code]!]).toEqual([code, String(status), message, remedy]);
    for (const [code, values] of Object.entries(PROBLEMS)) expect([code, told[code]![0]]).toEqual([code, Object.keys(values).join(', ')]);
  });

  it('the schema in the database is the one the entities describe', async () => {
    const drift = await running.db.driver.createSchemaBuilder().log();
    const columns = drift.upQueries
      .map((q) => q.query)
      .filter((q) => /(ADD|DROP) (COLUMN )?`\w+` (?!FOREIGN)/.test(q) && !/CONSTRAINT|INDEX|KEY/.test(q));
    expect(columns).toEqual([]);
  });

  it('migrations and seed leave a filled database alone', async () => {
    expect(await migrate(running.db)).toEqual([]);
    expect(await seedDemo(running.db)).toBe(false);
  });

  it('says it is well, and ready', async () => {
    for (const path of ['/api/health', '/api/ready']) expect((await running.visitor().send('GET', path)).status).toBe(200);
  });

  it('describes every route with its schemas', async () => {
    const spec = (await running.visitor().send('GET', '/api/openapi.json')).body;
    expect(spec.openapi).toBe('3.1.0');
    const put = spec.paths['/api/visits/{visitId}/takes/{takeId}'].put;
    expect(JSON.stringify(put.requestBody)).toContain('nearMm');
  });

  it('sends a policy that lets only its own scripts run', async () => {
    const policy = (await running.visitor().send('GET', '/api/health')).headers.get('content-security-policy')!;
    expect(policy).toContain("script-src 'self'");
    expect(policy).not.toMatch(/script-src[^;]*unsafe/);
  });

  it('a lost database is said plainly and not as a crash', async () => {
    const lost = await startServer();
    await lost.db.destroy();
    try {
      const reply = await fetch(`${lost.base}/api/ready`);
      expect([500, 503]).toContain(reply.status);
      expect(((await reply.json()) as { error: { remedy: string } }).error.remedy).toContain('kept on this device');
    } finally {
      await lost.app.close();
    }
  });
});
