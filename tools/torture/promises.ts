import { readFileSync } from 'node:fs';
import { DEMO_ACCOUNT } from '@fulcra/demo';
import { Visitor } from '../../apps/server/test/visitor';
import { OwnServer } from '../machine/own-server';

/** A small share of everything, for `npm test`. */
export const QUICK = process.env.FULCRA_TORTURE_QUICK === '1';
export const share = (quick: number, whole: number): number => (QUICK ? quick : whole);

let broken = 0;

/** Says a figure, and whether what was promised of it holds. */
export function promised(what: string, figure: string | number, kept: boolean): void {
  if (kept) return console.log(`kept    ${what}: ${figure}`);
  broken++;
  console.error(`BROKEN  ${what}: ${figure}`);
}

/** Runs one torture to its end; the process ends with 1 where a promise was broken or the torture itself failed. */
export function torture(work: () => Promise<void>): void {
  work()
    .catch((error: unknown) => {
      broken++;
      console.error(error);
    })
    .finally(() => process.exit(broken === 0 ? 0 : 1));
}

/** A server on this run's database, which is filled with the demo once. @param more settings of the server besides */
export const ownServer = (more: NodeJS.ProcessEnv = {}): Promise<OwnServer> =>
  OwnServer.on(process.env.DATABASE_URL!, { LOG_LEVEL: 'silent', ...more });

/** Somebody of the demo practice, signed in. */
export async function fitterAt(server: OwnServer): Promise<Visitor> {
  const visitor = new Visitor(server.address);
  const { status } = await visitor.signIn(DEMO_ACCOUNT.email, DEMO_ACCOUNT.password);
  if (status !== 200) throw new Error(`signing in was answered with ${status}`);
  return visitor;
}

/** MariaDB's process, which this torture's own start began. */
export const mariadbPid = (): number => Number(readFileSync(process.env.FULCRA_TORTURE_PID_FILE!, 'utf8').trim());

/** The most memory a process has had so far, MB. Source: proc(5). */
export const peakMb = (pid: number): number => Number(/VmHWM:\s+(\d+) kB/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1024;

/** The value below which so much of a list lies, 0 to 1. */
export const quantile = (values: readonly number[], at: number): number =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(at * values.length))]!;
