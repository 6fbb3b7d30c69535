import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { placeIn, privateMariadb } from '../database/mariadb.mjs';
import { needCommand } from '../machine/debian.mjs';
import { needPackages } from '../machine/packages.mjs';
import { ROOT } from '../machine/root.mjs';
import { startChild } from '../machine/shell.mjs';
import { buildServer } from '../start/build.mjs';

const ALL = ['kill', 'race', 'slow', 'fuzz', 'load'];

/**
 * Attacks on a server and a database of their own, on loopback and bounded: `npm run torture -- kill race`, all without a name;
 * `--quick` a small share of each, as `npm test` runs them. Ends with 1 where a promise of docs/reliability.md was not kept.
 */
async function main(args) {
  const quick = args.includes('--quick');
  const named = args.filter((a) => !a.startsWith('--'));
  const unknown = named.filter((name) => !ALL.includes(name));
  if (unknown.length > 0) throw new Error(`There is no "${unknown.join(', ')}"; there are ${ALL.join(', ')}.`);
  needPackages();
  needCommand('mariadbd');
  await buildServer();
  const dir = mkdtempSync(join(tmpdir(), 'fulcra-torture-'));
  const database = await privateMariadb(dir);
  database.watch({ say: () => undefined, onGivenUp: (why) => console.error(why) });
  for (const signal of ['SIGINT', 'SIGTERM'])
    process.once(signal, () => {
      database.stop();
      process.exit(1);
    });
  let failed = 0;
  try {
    for (const name of named.length > 0 ? named : ALL)
      failed += await tortured(name, { quick, url: database.url, pidFile: placeIn(dir).pid });
  } finally {
    database.stop();
    rmSync(dir, { recursive: true, force: true });
  }
  return failed;
}

/** @returns 0 where every promise was kept */
const tortured = (name, { quick, url, pidFile }) =>
  new Promise((resolve) => {
    const env = { ...process.env, DATABASE_URL: url, FULCRA_TORTURE_PID_FILE: pidFile, FULCRA_TORTURE_QUICK: quick ? '1' : '' };
    console.log(`# ${name}`);
    startChild(process.execPath, ['--import', 'tsx', `tools/torture/${name}.torture.ts`], { cwd: ROOT, env, stdio: 'inherit' }, (code) =>
      resolve(code === 0 ? 0 : 1),
    );
  });

main(process.argv.slice(2)).then(
  (failed) => process.exit(failed === 0 ? 0 : 1),
  (error) => {
    console.error(error.message);
    process.exit(1);
  },
);
