import { spawn, spawnSync } from 'node:child_process';

/** Runs to the end with its output shown. @returns exit code */
export const run = (command, args, options = {}) => spawnSync(command, args, { stdio: 'inherit', ...options }).status ?? 1;

/** Runs to the end quietly; on failure says what it printed. */
export function runQuietly(command, args, options = {}) {
  const done = spawnSync(command, args, { encoding: 'utf8', ...options });
  if (done.status !== 0) {
    throw new Error(`${command} ${args.join(' ')} failed:\n${done.error?.message ?? ''}${done.stdout ?? ''}${done.stderr ?? ''}`);
  }
  return done.stdout;
}

export const isThere = (command) => spawnSync('sh', ['-c', `command -v ${command}`]).status === 0;
export const isRoot = () => process.getuid?.() === 0;

/** Starts something that goes on; its exit is reported to `onExit`. */
export function startChild(command, args, options, onExit) {
  const child = spawn(command, args, options);
  child.once('exit', (code, signal) => onExit?.(code, signal));
  return child;
}

/** Ends a child we started and waits until it is gone. */
export async function endChild(child, patienceMs = 8000) {
  if (child.exitCode !== null || child.signalCode !== null) return;
  const gone = new Promise((resolve) => child.once('exit', resolve));
  child.kill('SIGTERM');
  const timer = setTimeout(() => child.kill('SIGKILL'), patienceMs);
  await gone;
  clearTimeout(timer);
}
