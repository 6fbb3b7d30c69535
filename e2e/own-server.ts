import { type ChildProcess, spawn } from 'node:child_process';
import { createServer, type AddressInfo } from 'node:net';
import { resolve } from 'node:path';
import mysql from 'mysql2/promise';

const ROOT = resolve(import.meta.dirname, '..');

/** A server of the test's own, on a database of its own, that may be killed and started again. */
export class OwnServer {
  private child: ChildProcess | null = null;
  private constructor(
    readonly address: string,
    private readonly env: NodeJS.ProcessEnv,
  ) {}

  static async prepared(): Promise<OwnServer> {
    const given = process.env.DATABASE_URL;
    if (!given) throw new Error('DATABASE_URL is not set: npm test sets it.');
    const name = `fulcra_storm_${process.pid}_${Date.now()}`;
    const connection = await mysql.createConnection(given);
    await connection.query(`CREATE DATABASE ${name}`);
    await connection.end();
    const url = new URL(given);
    url.pathname = `/${name}`;
    const port = await freePort();
    const env = {
      ...process.env,
      DATABASE_URL: url.toString(),
      PORT: String(port),
      FULCRA_DEMO: '1',
      FULCRA_WEB_DIR: resolve(ROOT, 'apps/app/dist'),
      LOG_LEVEL: 'error',
    };
    return new OwnServer(`http://127.0.0.1:${port}`, env);
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

async function freePort(): Promise<number> {
  const server = createServer();
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  const { port } = server.address() as AddressInfo;
  await new Promise((done) => server.close(done));
  return port;
}
