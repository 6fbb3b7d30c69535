import { createHash } from 'node:crypto';
import { lstatSync, mkdirSync, realpathSync } from 'node:fs';
import { tmpdir, userInfo } from 'node:os';
import { join } from 'node:path';

/** Longest path of a socket, bytes (Linux: sun_path with its closing zero). */
const LONGEST_SOCKET_BYTES = 107;

/** Where everything of a private database lies: in its own folder, and nothing of it where another start could take it away. */
export function placeIn(dir) {
  const socket = join(dir, 'mariadb.sock');
  return {
    dir,
    data: join(dir, 'data'),
    tmp: join(dir, 'tmp'),
    socket: Buffer.byteLength(socket) <= LONGEST_SOCKET_BYTES ? socket : join(shortFolder(dir), 'mariadb.sock'),
    pid: join(dir, 'mariadb.pid'),
    log: join(dir, 'mariadb.log'),
    settings: join(dir, 'settings.json'),
    lock: join(dir, 'start.lock'),
    changes: join(dir, 'binlog'),
  };
}

/** Where a backup is read in before it is put into a data folder; stands only while that goes on, or was cut off. */
export const restoringBeside = (dir) => `${dir}.restoring`;

/**
 * A private folder with a short path, made for one data folder and for no other, however alike their names.
 * @throws where somebody else made it first
 */
function shortFolder(dir) {
  mkdirSync(dir, { recursive: true, mode: 0o700 });
  const { uid } = userInfo();
  const folder = join(tmpdir(), `fulcra-${uid}-${createHash('sha256').update(realpathSync(dir)).digest('hex').slice(0, 16)}`);
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const made = lstatSync(folder);
  if (!made.isDirectory() || made.uid !== uid || (made.mode & 0o077) !== 0)
    throw new Error(
      `${folder} belongs to somebody else, so the database's socket can't be put there. Remove it, or choose a data folder with a shorter path.`,
    );
  return folder;
}
