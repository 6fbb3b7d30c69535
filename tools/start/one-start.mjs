import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { dirname } from 'node:path';
import { folderError } from '../database/why-not.mjs';

/**
 * Only one start serves a data folder. A lock whose process is gone is taken over.
 * @param lock  path of the lock
 * @returns how to let it go
 * @throws where another start serves it, saying where
 */
export function oneStart(lock, url) {
  try {
    mkdirSync(dirname(lock), { recursive: true, mode: 0o700 });
    for (let tries = 0; ; tries++) {
      try {
        writeFileSync(lock, JSON.stringify({ pid: process.pid, url }), { flag: 'wx', mode: 0o600 });
        return () => rmSync(lock, { force: true });
      } catch (error) {
        if (error.code !== 'EEXIST' || tries > 5) throw error;
        const holder = holderOf(lock);
        if (holder !== null && isAStart(holder.pid))
          throw new Error(`Fulcra serves this folder already, at ${holder.url} (process ${holder.pid}). Go there, or end that one first.`);
        rmSync(lock, { force: true });
      }
    }
  } catch (error) {
    throw folderError(error, dirname(lock));
  }
}

function holderOf(lock) {
  try {
    const { pid, url } = JSON.parse(readFileSync(lock, 'utf8'));
    return Number.isInteger(pid) ? { pid, url } : null;
  } catch {
    return null;
  }
}

/** A number is given to another program once its first holder is gone. */
function isAStart(pid) {
  if (pid === process.pid) return false;
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('start/main.mjs');
  } catch {
    return false;
  }
}

/** The port stays the same, because what a browser keeps unsent belongs to an address. @throws where another program has it */
export function needPort(port) {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', (error) =>
      reject(
        new Error(
          `Port ${port} can't be had (${error.code === 'EADDRINUSE' ? 'another program listens there' : error.code}). End that program, or choose ` +
            `another with PORT=…; entries that browsers keep unsent belong to the address they were made at.`,
        ),
      ),
    );
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(port)));
  });
}
