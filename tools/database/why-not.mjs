import { existsSync, readFileSync } from 'node:fs';

/** What MariaDB writes into its log before it gives up, and what it means to whoever started it. */
const REASONS = [
  [/No space left on device|Disk (is )?full|errno: 28\b|Errcode: 28\b/i, 'the disk is full: make room, then start again'],
  [
    /Unable to lock|Can't lock aria control file|another mysqld server running/i,
    'another MariaDB is running on this folder already: end it first',
  ],
  [
    /Upgrade after a crash is not supported|Unsupported redo log format|was created with|downgrade|newer version|older version/i,
    'its files were written by another version of MariaDB: start it with that one, or restore a backup into a new folder',
  ],
  [/Read-only file system|Permission denied|errno: (13|30)\b|Errcode: (13|30)\b/i, "the folder can't be written to by this user"],
  [/Address already in use|Bind on TCP\/IP port/i, 'its port is taken by another program'],
];

/** The last part of a log: what an earlier start wrote is past. */
const LOOKED_AT = 6000;

/** Why a database doesn't start, in words; with MariaDB's own last error, where it wrote one. */
export function whyNot(logFile) {
  const text = existsSync(logFile) ? readFileSync(logFile, 'utf8').slice(-LOOKED_AT) : '';
  const errors = text.split('\n').filter((line) => line.includes('[ERROR]'));
  const known = REASONS.find(([pattern]) => errors.some((line) => pattern.test(line)));
  const own = errors.at(-1)?.replace(/^.*\[ERROR\]\s*/, '') ?? 'it wrote no reason';
  return `${known === undefined ? own : `${known[1]} (${own})`}. Its log is ${logFile}`;
}

const OF_THE_FOLDER = {
  EACCES: "can't be written to by this user",
  EROFS: 'lies on something that is read-only',
  ENOSPC: 'lies on a disk that is full',
};

/** A folder that can't be used, in words; any other error as it is. */
export function folderError(error, dir) {
  const what = OF_THE_FOLDER[error?.code];
  return what === undefined ? error : new Error(`The data folder ${dir} ${what}. Nothing was changed; FULCRA_DATA_DIR chooses another.`);
}
