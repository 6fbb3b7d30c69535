import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './root.mjs';
import { runQuietly } from './shell.mjs';

const STAMP = join(ROOT, 'node_modules', '.fulcra-lock');

/** Installs the npm packages when the lock file isn't the one they were installed from. @returns whether it did */
export function needPackages() {
  const lock = createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex');
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === lock) return false;
  runQuietly('npm', ['ci', '--no-fund', '--no-audit'], { cwd: ROOT });
  mkdirSync(join(ROOT, 'node_modules'), { recursive: true });
  writeFileSync(STAMP, lock);
  return true;
}
