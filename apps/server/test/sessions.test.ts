import { DEMO_ACCOUNT } from '@fulcra/demo';
import { SIGN_IN_LIMITS } from '../src/platform/auth/sign-in-limits';
import { HORSE, demoFitter } from './journeys';
import { type Running, otherPractice, startServer } from './running-server';
import { v7 } from 'uuid';

let running: Running;
beforeAll(async () => {
  running = await startServer();
});
afterAll(() => running.stop());

const LIMITS = SIGN_IN_LIMITS;
const EMAIL = DEMO_ACCOUNT.email;
/** A try from an address, as a proxy that is trusted tells it. @returns 'in', or why not */
const tryFrom =
  (ip: string, headers: Record<string, string> = {}) =>
  async (email: string, password: string): Promise<string> => {
    const reply = await running.app.inject({
      method: 'POST',
      url: '/api/session',
      remoteAddress: ip,
      headers,
      payload: { email, password },
    });
    return reply.statusCode === 200 ? 'in' : reply.json<{ error: { code: string } }>().error.code;
  };
const aged = (minutes: number) =>
  running.db.query(`UPDATE sign_in_failure SET failed_at = failed_at - INTERVAL ${Math.round(minutes * 60)} SECOND`);
beforeEach(() => running.db.query('DELETE FROM sign_in_failure'));

describe('signing in', () => {
  it('offers the demo account only in demo mode', async () => {
    expect((await running.visitor().send('GET', '/api/welcome')).body.demoAccount.email).toBe(DEMO_ACCOUNT.email);
    const plain = await startServer({ demo: false });
    try {
      expect((await plain.visitor().send('GET', '/api/welcome')).body).toEqual({ demoAccount: null });
    } finally {
      await plain.stop();
    }
  });

  it('sets a same-site http-only cookie and nothing else that a script could read', async () => {
    const reply = await running.visitor().signIn(DEMO_ACCOUNT.email, DEMO_ACCOUNT.password);
    expect(reply.status).toBe(200);
    expect(reply.headers.get('set-cookie')).toMatch(/HttpOnly; SameSite=Strict/);
  });

  it('takes the e-mail in any case and refuses a wrong password and an unknown name alike', async () => {
    expect((await running.visitor().signIn(DEMO_ACCOUNT.email.toUpperCase(), DEMO_ACCOUNT.password)).status).toBe(200);
    const wrong = await running.visitor().signIn(DEMO_ACCOUNT.email, 'wrong');
    const unknown = await running.visitor().signIn('nobody@nowhere.example', 'wrong');
    expect([wrong.status, unknown.status]).toEqual([401, 401]);
    expect(wrong.body.error.message).toBe(unknown.body.error.message);
  });

  it('refuses a write without the token, with a wrong one, and from another site', async () => {
    const visitor = await demoFitter(running);
    const path = `/api/horses/${v7()}`;
    const wrong = await visitor.send('PUT', path, HORSE, { 'x-fulcra-csrf': 'guess' });
    const foreign = await visitor.send('PUT', path, HORSE, { origin: 'https://elsewhere.example' });
    const crossSite = await visitor.send('PUT', path, HORSE, { 'sec-fetch-site': 'cross-site' });
    expect([wrong, foreign, crossSite].map((r) => r.body.error.code)).toEqual(Array(3).fill('CSRF_REFUSED'));
  });

  it('signing out ends the session on the server', async () => {
    const visitor = await demoFitter(running);
    const cookie = visitor.cookie;
    expect((await visitor.send('DELETE', '/api/session')).status).toBe(204);
    visitor.cookie = cookie;
    expect((await visitor.send('GET', '/api/session')).body.error.code).toBe('SESSION_MISSING');
  });

  it('signing in as somebody else ends what was signed in here before', async () => {
    const visitor = await demoFitter(running);
    const before = visitor.cookie;
    await visitor.signIn(DEMO_ACCOUNT.email, DEMO_ACCOUNT.password);
    expect(visitor.cookie).not.toBe(before);
    visitor.cookie = before;
    expect((await visitor.send('GET', '/api/session')).body.error.code).toBe('SESSION_MISSING');
  });

  it('signing out lets the browser throw away the pictures it kept', async () => {
    const visitor = await demoFitter(running);
    expect((await visitor.send('DELETE', '/api/session')).headers.get('clear-site-data')).toBe('"cache"');
  });

  it('each person has a key of their own to seal with, the same at each sign-in, and nobody else’s', async () => {
    const keyAfter = async (email: string, password: string): Promise<string> =>
      (await running.visitor().signIn(email, password)).body.sealKey as string;
    const own = await keyAfter(DEMO_ACCOUNT.email, DEMO_ACCOUNT.password);
    expect(Buffer.from(own, 'base64url')).toHaveLength(32);
    expect(await keyAfter(DEMO_ACCOUNT.email, DEMO_ACCOUNT.password)).toBe(own);
    const other = await otherPractice(running.db);
    expect(await keyAfter(other.email, other.password)).not.toBe(own);
  });

  it('counts failures by account, whatever the address, and a right password counts for nothing', async () => {
    const from = (i: number) => tryFrom(`10.0.0.${i}`);
    for (let i = 0; i < LIMITS.account; i++) expect(await from(i)(EMAIL, 'wrong')).toBe('SIGN_IN_REFUSED');
    expect(await from(200)(EMAIL, 'wrong')).toBe('SIGN_IN_TOO_OFTEN');
    expect(await from(200)(EMAIL, DEMO_ACCOUNT.password)).toBe('SIGN_IN_TOO_OFTEN');
    expect(await from(200)('another@nowhere.example', 'wrong')).toBe('SIGN_IN_REFUSED');
    await aged(LIMITS.minutes + 0.1);
    expect(await from(200)(EMAIL, DEMO_ACCOUNT.password)).toBe('in');
    for (let i = 0; i < 2 * LIMITS.account; i++) expect(await from(200)(EMAIL, DEMO_ACCOUNT.password)).toBe('in');
  });

  it('is no more patient with one that is spelt otherwise, and takes one that only looks alike for another', async () => {
    const spelt = [EMAIL.toUpperCase(), ` ${EMAIL}`, EMAIL.replace('@', '\u200b@'), EMAIL.replace('isla', 'isl\uff41'), `\ufeff${EMAIL}`];
    for (const email of spelt) expect(await tryFrom('10.0.0.1')(email, DEMO_ACCOUNT.password)).toBe('in');
    expect(await tryFrom('10.0.0.1')(EMAIL.replace('isla', 'íslá'), DEMO_ACCOUNT.password)).toBe('SIGN_IN_REFUSED');
    await aged(100);
    for (let i = 0; i < LIMITS.account; i++) await tryFrom('10.0.0.1')(spelt[i % spelt.length]!, 'wrong');
    expect(await tryFrom('10.0.0.2')(EMAIL, DEMO_ACCOUNT.password)).toBe('SIGN_IN_TOO_OFTEN');
  });

  it('counts failures by address, whatever the account', async () => {
    for (let i = 0; i < LIMITS.address; i++) expect(await tryFrom('10.0.0.1')(`a${i}@nowhere.example`, 'x')).toBe('SIGN_IN_REFUSED');
    expect(await tryFrom('10.0.0.1')(EMAIL, DEMO_ACCOUNT.password)).toBe('SIGN_IN_TOO_OFTEN');
    expect(await tryFrom('10.0.0.2')(EMAIL, DEMO_ACCOUNT.password)).toBe('in');
  });

  it('counts all together, but not for a device that signed in before', async () => {
    const device = running.visitor();
    const reply = await device.signIn(EMAIL, DEMO_ACCOUNT.password);
    const known = /fulcra_device=[^;]+/.exec(reply.headers.getSetCookie().join('\n'))![0];
    await running.db.query(
      `INSERT INTO sign_in_failure (id, account_hash, address) SELECT LPAD(seq, 36, '0'), SHA2(seq, 256), CONCAT('10.1.', seq) FROM seq_1_to_${LIMITS.all - 1}`,
    );
    expect(await tryFrom('10.0.0.1')('b@nowhere.example', 'x')).toBe('SIGN_IN_REFUSED');
    expect(await tryFrom('10.0.0.2')(EMAIL, DEMO_ACCOUNT.password)).toBe('SIGN_IN_TOO_OFTEN');
    expect(await tryFrom('10.0.0.2', { cookie: known })(EMAIL, DEMO_ACCOUNT.password)).toBe('in');
    expect(await tryFrom('10.0.0.2', { cookie: 'fulcra_device=guessed' })(EMAIL, DEMO_ACCOUNT.password)).toBe('SIGN_IN_TOO_OFTEN');
  });

  it('guesses from elsewhere don’t lock out a device of the account’s own, which has its own allowance; another account’s is a stranger', async () => {
    const device = running.visitor();
    const deviceOf = (reply: { readonly headers: Headers }) => /fulcra_device=[^;]+/.exec(reply.headers.getSetCookie().join('\n'))![0];
    const known = deviceOf(await device.signIn(EMAIL, DEMO_ACCOUNT.password));
    const other = await otherPractice(running.db, 'stranger@elsewhere.example');
    const foreign = deviceOf(await running.visitor().signIn(other.email, other.password));
    for (let i = 0; i < LIMITS.account; i++) await tryFrom(`10.0.2.${i}`)(EMAIL, 'wrong');
    expect(await tryFrom('10.0.2.200')(EMAIL, DEMO_ACCOUNT.password)).toBe('SIGN_IN_TOO_OFTEN');
    expect(await tryFrom('10.0.2.200', { cookie: foreign })(EMAIL, DEMO_ACCOUNT.password)).toBe('SIGN_IN_TOO_OFTEN');
    const own = tryFrom('10.0.2.1', { cookie: known });
    expect(await own(EMAIL, DEMO_ACCOUNT.password)).toBe('in');
    for (let i = 0; i < LIMITS.account; i++) expect(await own(EMAIL, 'wrong')).toBe('SIGN_IN_REFUSED');
    expect(await own(EMAIL, DEMO_ACCOUNT.password)).toBe('SIGN_IN_TOO_OFTEN');
    // what it used up takes nothing from anybody else
    await running.db.query('DELETE FROM sign_in_failure WHERE device_hash IS NULL');
    expect(await tryFrom('10.0.2.3')(EMAIL, DEMO_ACCOUNT.password)).toBe('in');
  });

  it('many guesses at once are no more than many one after the other', async () => {
    const answers = await Promise.all(Array.from({ length: 40 }, (_, i) => tryFrom(`10.0.1.${i}`)(EMAIL, 'wrong')));
    expect(answers.filter((a) => a === 'SIGN_IN_REFUSED').length).toBeLessThanOrEqual(LIMITS.account);
    expect(new Set(answers)).toEqual(new Set(['SIGN_IN_REFUSED', 'SIGN_IN_TOO_OFTEN']));
  });

  it('many who sign in rightly at once, from one address and on one account, are all let in', async () => {
    const answers = await Promise.all(Array.from({ length: 3 * LIMITS.account }, () => tryFrom('10.0.2.1')(EMAIL, DEMO_ACCOUNT.password)));
    expect(answers).toEqual(answers.map(() => 'in'));
  });

  it('stores neither the password nor the token', async () => {
    const visitor = await demoFitter(running);
    const dump = JSON.stringify([await running.db.query('SELECT * FROM person'), await running.db.query('SELECT * FROM session')]);
    expect(dump).toContain('$argon2id$');
    expect(dump).not.toContain(DEMO_ACCOUNT.password);
    expect(dump).not.toContain(visitor.cookie.split('=')[1]);
  });
});
