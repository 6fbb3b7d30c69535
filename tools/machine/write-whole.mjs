import { closeSync, fsyncSync, openSync, renameSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';

/** Everything of a file or a folder is on the disk. */
function flushed(path) {
  const handle = openSync(path, 'r');
  try {
    fsyncSync(handle);
  } finally {
    closeSync(handle);
  }
}

/** A file that was written beside its place is put there, whole and on the disk. */
export function putInPlace(beside, file) {
  flushed(beside);
  renameSync(beside, file);
  flushed(dirname(file));
}

/** Whole or not at all, readable by its owner alone: written beside (`.new`), then put in place. */
export function writeWhole(file, text) {
  writeFileSync(`${file}.new`, text, { mode: 0o600 });
  putInPlace(`${file}.new`, file);
}
