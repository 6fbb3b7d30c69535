import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { privateMariadb } from '../database/mariadb.mjs';
import { needCommand } from '../machine/debian.mjs';
import { needPackages } from '../machine/packages.mjs';
import { ROOT } from '../machine/root.mjs';
import { run } from '../machine/shell.mjs';
import { buildServer } from '../start/build.mjs';

const ALL = ['front', 'sit', 'api', 'slider'];

/** `npm run bench`, or `npm run bench -- api` for one of them. */
async function main(named) {
  needPackages();
  const codes = [];
  for (const name of named.length > 0 ? named : ALL) codes.push(name === 'api' ? await withDatabase(bench) : bench(name));
  return Math.max(...codes);
}

const bench = (name, env = {}) =>
  run(process.execPath, ['--import', 'tsx', `tools/bench/${name}.bench.ts`], { cwd: ROOT, env: { ...process.env, ...env } });

/** On a database of its own, kept as durably as the product's. */
async function withDatabase(benched) {
  needCommand('mariadbd');
  await buildServer();
  const dir = mkdtempSync(join(tmpdir(), 'fulcra-bench-'));
  const database = await privateMariadb(dir);
  try {
    return benched('api', { DATABASE_URL: database.url });
  } finally {
    database.stop();
    rmSync(dir, { recursive: true, force: true });
  }
}

main(process.argv.slice(2)).then(
  (code) => process.exit(code),
  (error) => {
    console.error(error.message);
    process.exit(1);
  },
);
