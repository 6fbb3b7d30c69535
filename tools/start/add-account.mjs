import { join } from 'node:path';
import { needCommand } from '../machine/debian.mjs';
import { needPackages } from '../machine/packages.mjs';
import { ROOT } from '../machine/root.mjs';
import { run } from '../machine/shell.mjs';
import { privateMariadb } from '../database/mariadb.mjs';
import { buildServer } from './build.mjs';

/** Asks for a practice and its first fitter, and adds them to the database that npm start uses. */
needPackages();
let database = { url: process.env.DATABASE_URL, started: false, stop: () => {} };
if (!database.url) {
  needCommand('mariadbd');
  database = await privateMariadb(process.env.FULCRA_DATA_DIR ?? join(ROOT, '.data', 'mariadb'));
}
await buildServer();
const code = run(process.execPath, [join(ROOT, 'apps/server/dist/add-account.mjs')], {
  env: { ...process.env, DATABASE_URL: database.url },
});
if (database.started) database.stop();
process.exit(code);
