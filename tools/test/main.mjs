import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { needCommand } from '../machine/debian.mjs';
import { freePort } from '../machine/free-port.mjs';
import { needPackages } from '../machine/packages.mjs';
import { ROOT } from '../machine/root.mjs';
import { endChild, run, startChild } from '../machine/shell.mjs';
import { privateMariadb } from '../database/mariadb.mjs';
import { SERVER_FILE, WEB_DIR, buildServer, buildWebIfStale } from '../start/build.mjs';
import { failuresOfJest, failuresOfPlaywright, lastLines } from './failures.mjs';

const scratch = mkdtempSync(join(tmpdir(), 'fulcra-test-'));
const JEST = join(ROOT, 'node_modules/jest/bin/jest.js');
const total = { passed: 0, failed: 0 };
/** Named once more at the end, where a long log is looked at first. */
const failures = [];
const undo = [];

/** Everything that must hold, what fails fastest first; goes on after a failure and counts them all. */
async function main() {
  needPackages();
  await Promise.all([readIt(), tryIt()]);
  needCommand('mariadbd');
  const database = await privateMariadb(join(scratch, 'mariadb'), { throwAway: true });
  undo.push(() => database.stop());
  await jest('server', join(ROOT, 'apps/server'), { DATABASE_URL: database.url, NODE_OPTIONS: '--experimental-vm-modules' });
  await check('torture, a small share of each', process.execPath, ['tools/torture/main.mjs', '--quick']);
  needCommand('chromium');
  await endToEnd(database.url);
}

/** What is found by reading the code. */
async function readIt() {
  await check('format', 'npx', ['prettier', '--check', '.']);
  await check('lint', 'npx', ['eslint', '.', '--max-warnings', '0']);
  await check('nothing unused, nothing unlisted', 'npx', ['knip', '--no-progress']);
  for (const place of ['packages/core', 'packages/contract', 'packages/demo', 'apps/server', 'apps/app', 'e2e', 'tools']) {
    await check(`types of ${place}`, 'npx', ['tsc', '-p', place]);
  }
}

/** What is found by running it, without browser or database. */
async function tryIt() {
  await jest('packages', ROOT);
  await check('ten thousand pairs of horse and saddle', process.execPath, ['--import', 'tsx', 'tools/checks/ten-thousand.ts']);
  await jest('application', join(ROOT, 'apps/app'));
}

async function check(name, command, args) {
  const said = [];
  const code = await finished(command, args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] }, said);
  count(name, code === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 }, code === 0 ? [] : lastLines(said.join('')));
}

/** No step takes nearly so long; what does has hung, and the rest is still to be counted. */
const STEP_MINUTES = 30;

/** What was said on a piped line arrives a little after the end. */
const LAST_WORDS_MS = 2000;

/** @param said takes what is said on piped lines; errors are shown as they come. @returns exit code; 1 where it was ended, hung or could not begin */
const finished = (command, args, options, said = []) =>
  new Promise((resolve) => {
    let hung;
    const end = (code) => {
      clearTimeout(hung);
      resolve(code ?? 1);
    };
    const child = startChild(command, args, options, (code) => setTimeout(end, LAST_WORDS_MS, code)).once('error', () => end(1));
    child.once('close', end);
    child.stdout?.on('data', (chunk) => said.push(chunk));
    child.stderr?.on('data', (chunk) => (said.push(chunk), process.stderr.write(chunk)));
    hung = setTimeout(() => {
      console.error(`${command} ${args.join(' ')}: no end after ${STEP_MINUTES} minutes; ended`);
      child.kill('SIGKILL');
    }, STEP_MINUTES * 60_000);
  });

function count(name, { passed, failed }, named) {
  total.passed += passed;
  total.failed += failed;
  const told = named.length === 0 && failed > 0 ? ['did not run to its end'] : named;
  failures.push(...told.map((failure) => `${name}: ${failure}`));
  console.log(`# ${name}: ${passed} passed, ${failed} failed`);
}

/** A suite that could not even start counts as a failure. What a library keeps ticking after the last test (a cache's five minutes) is not waited for. */
async function jest(name, cwd, env = {}) {
  const report = join(scratch, `${name}.json`);
  const code = await finished(process.execPath, [JEST, '--json', `--outputFile=${report}`, '--silent', '--forceExit'], {
    cwd,
    env: { ...process.env, ...env },
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  const read = readReport(report);
  const passed = read?.numPassedTests ?? 0;
  const failed = (read?.numFailedTests ?? 0) + (read?.numRuntimeErrorTestSuites ?? 0);
  count(name, { passed, failed: failed === 0 && (code !== 0 || passed === 0) ? 1 : failed }, failuresOfJest(read));
}

async function endToEnd(databaseUrl) {
  await buildServer();
  await buildWebIfStale();
  const port = await freePort();
  const env = {
    ...process.env,
    DATABASE_URL: databaseUrl,
    PORT: String(port),
    FULCRA_DEMO: '1',
    FULCRA_WEB_DIR: WEB_DIR,
    LOG_LEVEL: 'error',
  };
  const server = startChild(process.execPath, [SERVER_FILE], { env, stdio: ['ignore', 'inherit', 'inherit', 'ipc'] });
  undo.push(() => endChild(server));
  await new Promise((resolve, reject) => {
    server.once('message', resolve);
    server.once('exit', () => reject(new Error('the server did not start')));
  });
  const report = join(scratch, 'e2e.json');
  run('npx', ['playwright', 'test', '-c', 'e2e/playwright.config.ts', '--reporter=list,json'], {
    cwd: ROOT,
    env: { ...process.env, FULCRA_URL: `http://127.0.0.1:${port}`, DATABASE_URL: databaseUrl, PLAYWRIGHT_JSON_OUTPUT_NAME: report },
  });
  const read = readReport(report);
  const { stats } = read ?? { stats: { expected: 0, unexpected: 1, flaky: 0 } };
  const failed = stats.unexpected + stats.flaky + (stats.expected === 0 ? 1 : 0);
  count('end to end', { passed: stats.expected, failed }, failuresOfPlaywright(read));
}

function readReport(path) {
  try {
    return JSON.parse(readFileSync(path, 'utf8'));
  } catch {
    return null;
  }
}

async function cleanUp() {
  for (const step of undo.reverse()) await step();
  rmSync(scratch, { recursive: true, force: true });
}

main()
  .catch((error) => {
    console.error(error.message);
    failures.push(error.message);
    total.failed += 1;
  })
  .finally(async () => {
    await cleanUp();
    for (const failure of failures) console.log(`failed: ${failure}`);
    console.log(`${total.passed} passed, ${total.failed} failed`);
    process.exit(total.failed === 0 && total.passed > 0 ? 0 : 1);
  });
