import { join, resolve } from 'node:path';
import { needCommand } from '../machine/debian.mjs';
import { ROOT } from '../machine/root.mjs';
import { privateMariadb } from '../database/mariadb.mjs';
import { backUp, restore } from './backup.mjs';

const dir = process.env.FULCRA_DATA_DIR ?? join(ROOT, '.data', 'mariadb');
const to = process.env.FULCRA_BACKUP_DIR ?? join(ROOT, '.data', 'backups');
const [what, file] = process.argv.slice(2);

/** npm run backup; npm run restore -- FILE */
async function main() {
  needCommand('mariadbd');
  if (what === 'backup') {
    const database = await privateMariadb(dir);
    try {
      console.log(`${await backUp(dir, to)} holds everything up to now.`);
    } finally {
      if (database.started) database.stop();
    }
    return;
  }
  if (file === undefined) throw new Error('Which backup? npm run restore -- FILE');
  const { madeAt, migration, links, calendars } = await restore(resolve(file), dir);
  console.log(`The database of ${madeAt} (${migration}) is in ${dir}. Go on with npm start.`);
  console.log('Everybody signs in again: what was issued before is ended, or whoever was signed out would be in again.');
  if (links.length > 0) console.log('Links to owners that opened until now, to be sent anew:');
  for (const { horse, owner } of links) console.log(`  ${horse}, for ${owner}`);
  if (calendars > 0) console.log(`${calendars} ${calendars === 1 ? 'calendar has' : 'calendars have'} to be taken up anew, on its page.`);
}

main().catch((error) => {
  console.error(error.message);
  process.exit(1);
});
