import { join } from 'node:path';
import { ROOT } from '../machine/root.mjs';
import { newPasswords } from './mariadb.mjs';

const dir = process.env.FULCRA_DATA_DIR ?? join(ROOT, '.data', 'mariadb');
newPasswords(dir).then(
  () => console.log(`The database in ${dir} has new passwords; its data is as it was. Go on with npm start.`),
  (error) => {
    console.error(error.message);
    process.exit(1);
  },
);
