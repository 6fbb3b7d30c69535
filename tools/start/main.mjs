import { join } from 'node:path';
import { needCommand } from '../machine/debian.mjs';
import { freePort } from '../machine/free-port.mjs';
import { placeIn } from '../database/place.mjs';
import { needPort, oneStart } from './one-start.mjs';
import { needPackages } from '../machine/packages.mjs';
import { ROOT } from '../machine/root.mjs';
import { endChild, startChild } from '../machine/shell.mjs';
import { step } from '../machine/steps.mjs';
import { privateMariadb } from '../database/mariadb.mjs';
import { served } from './served.mjs';
import { SERVER_FILE, WEB_DIR, buildServer, buildWebIfStale } from './build.mjs';

const WISHED_PORT = 4380;
const dev = process.argv.includes('--dev');

/** From a bare clone to a printed address. */
async function main() {
  console.log('Fulcra is getting ready.');
  const port = Number(process.env.PORT ?? WISHED_PORT);
  const dir = process.env.FULCRA_DATA_DIR ?? join(ROOT, '.data', 'mariadb');
  let database = { url: process.env.DATABASE_URL, stop: () => {}, watch: () => {}, started: false };
  if (!database.url) process.on('exit', oneStart(placeIn(dir).lock, addressOf(port)));
  await needPort(port);
  await step('packages', () => (needPackages() ? 'installed' : 'up to date'));
  if (!database.url) {
    await step('MariaDB program', () => needCommand('mariadbd'));
    await step('database', async () => {
      database = await privateMariadb(dir);
      return database.started ? 'started' : 'already running';
    });
  }
  await step('server bundle', buildServer);
  let metro = null;
  if (dev) metro = await startMetro();
  else await step('web application', buildWebIfStale);
  await serve(database, metro, port);
}

const addressOf = (port) => `http://127.0.0.1:${port}`;

async function serve(database, metro, port) {
  const env = {
    ...process.env,
    DATABASE_URL: database.url,
    PORT: String(port),
    FULCRA_DEMO: process.env.FULCRA_DEMO ?? '1',
    LOG_LEVEL: process.env.LOG_LEVEL ?? 'warn',
    ...(metro === null ? { FULCRA_WEB_DIR: WEB_DIR } : { FULCRA_WEB_PROXY: metro.url }),
  };
  const began = Date.now();
  let stopping = false;
  const stop = async (code) => {
    if (stopping) return;
    stopping = true;
    server.leave();
    await endChild(server.current());
    if (metro !== null) await endChild(metro.child);
    if (database.started) database.stop();
    process.exit(code);
  };
  const server = served({
    launch: () => startChild(process.execPath, serverArguments(), { env, stdio: ['ignore', 'inherit', 'inherit', 'ipc'] }),
    say: console.log,
    onEnd: (code) => void stop(code),
    onListening: () => {
      console.log(`  ${'migrate, seed, listen'.padEnd(34)} ${((Date.now() - began) / 1000).toFixed(1).padStart(6)} s`);
      console.log(`\nFulcra is at ${addressOf(port)}  (Ctrl+C stops it)`);
    },
  });
  database.watch({
    say: console.log,
    onGivenUp: (reason) => {
      console.error(`\n${reason} Fulcra stops.`);
      void stop(1);
    },
  });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => void stop(0));
}

const serverArguments = () =>
  dev ? ['--import', 'tsx', '--watch', join(ROOT, 'apps/server/src/main.ts')] : ['--enable-source-maps', SERVER_FILE];

async function startMetro() {
  const port = await freePort(8081);
  const env = { ...process.env, EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', BROWSER: 'none' };
  const child = startChild(process.execPath, [join(ROOT, 'node_modules/expo/bin/cli'), 'start', '--web', '--port', String(port)], {
    cwd: join(ROOT, 'apps/app'),
    env,
    stdio: ['ignore', 'inherit', 'inherit'],
  });
  const url = `http://localhost:${port}`;
  await step('development pages', () => untilItAnswers(url));
  return { child, url };
}

async function untilItAnswers(url) {
  for (let tries = 0; tries < 240; tries++) {
    const answered = await fetch(`${url}/status`).then(
      () => true,
      () => false,
    );
    if (answered) return;
    await new Promise((resolve) => setTimeout(resolve, 500));
  }
  throw new Error(`The development pages did not start at ${url}.`);
}

main().catch((error) => {
  console.error(`\n${error.message}`);
  process.exit(1);
});
