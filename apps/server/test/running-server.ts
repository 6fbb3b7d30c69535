import { execFileSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { type FastifyInstance } from 'fastify';
import { PHOTO_QUOTA_BYTES } from '@fulcra/contract';
import mysql from 'mysql2/promise';
import { type DataSource } from 'typeorm';
import { v7 } from 'uuid';
import { buildApp } from '../src/app';
import { seedDemo } from '../src/demo/seed';
import { type Config } from '../src/platform/config';
import { SIGN_IN_LIMITS } from '../src/platform/auth/sign-in-limits';
import { hashPassword } from '../src/platform/auth/passwords';
import { migrate, openDatabase } from '../src/open-database';
import { practices } from '../src/practice/practice.repository';
import { Visitor } from './visitor';

export { type Reply, Visitor } from './visitor';

export interface Running {
  readonly app: FastifyInstance;
  readonly db: DataSource;
  readonly base: string;
  readonly routes: readonly { method: string; url: string }[];
  visitor(): Visitor;
  stop(): Promise<void>;
}

const ROOT = fileURLToPath(new URL('../../..', import.meta.url));

/** The ranking worker as the start command bundles it, once for a file of tests; by the program, which the test runner's sandbox doesn't upset. */
let bundled: URL | null = null;
export function bundledWorker(): URL {
  if (bundled !== null) return bundled;
  const outfile = join(mkdtempSync(join(tmpdir(), 'fulcra-worker-')), 'ranking.worker.mjs');
  const entry = join(ROOT, 'apps/server/src/rankings/ranking.worker.ts');
  const alias = ['core', 'contract'].map((name) => `--alias:@fulcra/${name}=${join(ROOT, `packages/${name}/src/index.ts`)}`);
  const flags = ['--bundle', '--platform=node', '--format=esm', '--log-level=error', `--outfile=${outfile}`];
  execFileSync(join(ROOT, 'node_modules/.bin/esbuild'), [entry, ...flags, ...alias], { cwd: ROOT });
  bundled = pathToFileURL(outfile);
  return bundled;
}

/** The real server on a port of its own and a new database of its own. */
export async function startServer(config: Partial<Config> = {}): Promise<Running> {
  const url = await newDatabase();
  const db = await openDatabase(url);
  try {
    await migrate(db);
    await copyDemo(db);
  } catch (error) {
    await db.destroy();
    throw error;
  }
  const app = await buildApp(db, {
    databaseUrl: url,
    host: '127.0.0.1',
    port: 0,
    webDir: null,
    webProxy: null,
    demo: true,
    secureCookies: false,
    trustedProxies: false,
    signInLimits: SIGN_IN_LIMITS,
    linksPerMinute: 100_000,
    smtpUrl: null,
    mailFrom: 'Practice <practice@carrow.example>',
    logLevel: 'silent',
    requestWithinMs: 60_000,
    photoQuotaBytes: PHOTO_QUOTA_BYTES,
    rankingWorker: bundledWorker(),
    ...config,
  });
  await app.listen({ host: '127.0.0.1', port: 0 });
  const base = `http://127.0.0.1:${(app.server.address() as AddressInfo).port}`;
  const spec = (await (await fetch(`${base}/api/openapi.json`)).json()) as { paths: Record<string, Record<string, unknown>> };
  const routes = Object.entries(spec.paths).flatMap(([path, verbs]) =>
    Object.keys(verbs).map((verb) => ({ method: verb.toUpperCase(), url: path })),
  );
  return {
    app,
    db,
    base,
    routes,
    visitor: () => new Visitor(base),
    stop: async () => {
      await app.close();
      await db.destroy();
    },
  };
}

const SEEDED = 'fulcra_seeded';

/** The demo as the server itself seeds it: once in a run of tests, and copied from there into every further database. */
async function copyDemo(db: DataSource): Promise<void> {
  const url = new URL(process.env.DATABASE_URL!);
  url.pathname = `/${SEEDED}`;
  const line = await mysql.createConnection(process.env.DATABASE_URL!);
  try {
    await line.query("SELECT GET_LOCK('seeding the tests', 300)");
    const [made] = await line.query('SHOW DATABASES LIKE ?', [SEEDED]);
    if ((made as unknown[]).length === 0) await seedOnce(line, url.toString());
    await line.query("SELECT RELEASE_LOCK('seeding the tests')");
    await line.query('SET FOREIGN_KEY_CHECKS = 0');
    const own = db.options.type === 'mariadb' ? new URL(db.options.url!).pathname.slice(1) : '';
    for (const { tableName } of db.entityMetadatas)
      await line.query(`INSERT INTO \`${own}\`.\`${tableName}\` SELECT * FROM ${SEEDED}.\`${tableName}\``);
  } finally {
    await line.end();
  }
}

async function seedOnce(line: mysql.Connection, url: string): Promise<void> {
  await line.query(`CREATE DATABASE ${SEEDED}`);
  const seeded = await openDatabase(url);
  try {
    await migrate(seeded);
    await seedDemo(seeded);
  } catch (error) {
    await line.query(`DROP DATABASE ${SEEDED}`);
    throw error;
  } finally {
    await seeded.destroy();
  }
}

/** An empty database of its own. */
export async function newDatabase(): Promise<string> {
  const url = new URL(process.env.DATABASE_URL!);
  const name = `fulcra_${v7().replaceAll('-', '')}`;
  const connection = await mysql.createConnection(process.env.DATABASE_URL!);
  await connection.query(`CREATE DATABASE ${name}`);
  await connection.end();
  url.pathname = `/${name}`;
  return url.toString();
}

/** A second practice, with its own fitter. */
export async function otherPractice(db: DataSource, email = 'other@elsewhere.example'): Promise<{ email: string; password: string }> {
  const account = { email, password: 'a long enough one' };
  await practices(db).addAccount({
    practiceId: v7(),
    practiceName: 'Elsewhere',
    personId: v7(),
    personName: 'Other',
    email: account.email,
    passwordHash: await hashPassword(account.password),
  });
  return account;
}
