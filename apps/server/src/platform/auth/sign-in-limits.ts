import { isIPv6 } from 'node:net';
import { type DataSource } from 'typeorm';
import { v7 } from 'uuid';
import { FulcraError } from '../errors/fulcra-error';
import { hashOf } from './secrets';

/** How many failures there may be in so many minutes (defaults): of one account from anywhere, from one address, and of all together. */
export interface SignInLimits {
  readonly account: number;
  readonly address: number;
  readonly all: number;
  readonly minutes: number;
}
export const SIGN_IN_LIMITS: SignInLimits = { account: 10, address: 30, all: 300, minutes: 15 };
/** What is older than this tells nothing any more, hours. */
const KEPT_HOURS = 24;

/** A try that is being decided. */
export interface SignInTry {
  /** It was right: it counts for nothing. */
  readonly succeeded: () => Promise<void>;
}

const STRANGERS = `SELECT COALESCE(SUM(account_hash = ?), 0) AS account, COALESCE(SUM(address = ?), 0) AS address, COUNT(*) AS everything
  FROM sign_in_failure WHERE device_hash IS NULL AND failed_at > NOW(3) - INTERVAL ? MINUTE AND id <= ?`;
const OWN = `SELECT COUNT(*) AS own FROM sign_in_failure WHERE device_hash = ? AND failed_at > NOW(3) - INTERVAL ? MINUTE AND id <= ?`;

/**
 * Begins a try to sign in. It is counted with those before it while the password isn't looked at yet, so that many at once are no more than
 * many one after the other;
 * one that is refused here isn't counted, so that nobody can keep another out for longer than the failures last.
 * @param device  one that this account signed in with before: it has an allowance of its own, which nobody uses up from elsewhere
 * @throws SIGN_IN_TOO_OFTEN
 */
export async function beginSignIn(
  db: DataSource,
  { email, ip, device }: { readonly email: string; readonly ip: string; readonly device: string | null },
  limits: SignInLimits,
): Promise<SignInTry> {
  const [id, account, address] = [v7(), hashOf(email), addressOf(ip)];
  const values = [id, account, address, device];
  await db.query('INSERT INTO sign_in_failure (id, account_hash, address, device_hash) VALUES (?, ?, ?, ?)', values);
  const forget = async (): Promise<void> => void (await db.query('DELETE FROM sign_in_failure WHERE id = ?', [id]));
  const asked =
    device === null ? ([STRANGERS, [account, address, limits.minutes, id]] as const) : ([OWN, [device, limits.minutes, id]] as const);
  const [counted] = await db.query<Readonly<Record<string, string>>[]>(asked[0], [...asked[1]]);
  const over = (name: string, most: number): boolean => Number(counted![name] ?? 0) > most;
  if (over('own', limits.account) || over('account', limits.account) || over('address', limits.address) || over('everything', limits.all)) {
    await forget();
    throw new FulcraError('SIGN_IN_TOO_OFTEN');
  }
  return { succeeded: forget };
}

/** Who can have one address of the newer kind has 2^64 of them: they count together. */
export function addressOf(ip: string): string {
  if (!isIPv6(ip)) return ip;
  const mapped = /^::ffff:(\d+\.\d+\.\d+\.\d+)$/i.exec(ip);
  if (mapped !== null) return mapped[1]!;
  const [head = '', tail = ''] = ip.split('%')[0]!.split('::');
  const [before, after] = [head.split(':').filter(Boolean), tail.split(':').filter(Boolean)];
  const groups = [...before, ...Array<string>(Math.max(0, 8 - before.length - after.length)).fill('0'), ...after];
  return `${groups
    .slice(0, 4)
    .map((g) => parseInt(g, 16).toString(16))
    .join(':')}::/64`;
}

/** The net an address is in, for a log: where from, and not who. */
export const netOf = (ip: string): string => addressOf(ip).replace(/\.\d+$/, '.0/24');

/** What is past counting goes. */
export const forgetOldTries = (db: DataSource): Promise<unknown> =>
  db.query(`DELETE FROM sign_in_failure WHERE failed_at < NOW(3) - INTERVAL ${KEPT_HOURS} HOUR`);
