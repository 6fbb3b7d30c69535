import { type ChildProcess, spawn } from 'node:child_process';
import { resolve } from 'node:path';
import mysql from 'mysql2/promise';
import { freePort } from './free-port.mjs';

const ROOT = resolve(import.meta.dirname, '../..');

/** A server of one's own, on a database of its own in the MariaDB at `DATABASE_URL`, that may be killed and started again. */
export class OwnServer {
  private child: ChildProcess | null = null;
  private constructor(
    readonly address: string,
    readonly databaseUrl: string,
    private readonly env: NodeJS.ProcessEnv,
  ) {}

  /** @param more settings of the server besides */
  static async prepared(more: NodeJS.ProcessEnv = {}): Promise<OwnServer> {
    return OwnServer.on(await newDatabase(), more);
  }

  /** On a database that is there: a second process beside the first. */
  static async on(databaseUrl: string, more: NodeJS.ProcessEnv = {}): Promise<OwnServer> {
    const port = await freePort();
    const env = { ...process.env, DATABASE_URL: databaseUrl, PORT: String(port), FULCRA_DEMO: '1', LOG_LEVEL: 'error', ...more };
    return new OwnServer(`http://127.0.0.1:${port}`, databaseUrl, env);
  }

  /** The process, while it runs. */
  get pid(): number | null {
    return this.child?.pid ?? null;
  }

  async start(): Promise<void> {
    const child = spawn(process.execPath, [resolve(ROOT, 'apps/server/dist/main.mjs')], {
      env: this.env,
      stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
    });
    this.child = child;
    await new Promise<void>((done, failed) => {
      child.once('message', () => done());
      child.once('exit', () => failed(new Error('the server did not start')));
    });
  }

  /** As a power cut would. */
  async kill(): Promise<void> {
    const { child } = this;
    this.child = null;
    if (child === null || child.exitCode !== null) return;
    const gone = new Promise((done) => child.once('exit', done));
    child.kill('SIGKILL');
    await gone;
  }
}

async function newDatabase(): Promise<string> {
  const given = process.env.DATABASE_URL;
  if (!given) throw new Error('DATABASE_URL is not set: npm test, npm run torture and npm run bench set it.');
  const url = new URL(given);
  url.pathname = `/fulcra_own_${process.pid}_${Date.now()}`;
  const connection = await mysql.createConnection(given);
  await connection.query(`CREATE DATABASE ${url.pathname.slice(1)}`);
  await connection.end();
  return url.toString();
}
