import { DEMO_ACCOUNT } from '@fulcra/demo';
import { HORSE, demoFitter } from './journeys';
import { type Running, startServer } from './running-server';
import { v7 } from 'uuid';

let running: Running;
beforeAll(async () => {
  running = await startServer();
});
afterAll(() => running.stop());

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

  it('slows down a guesser', async () => {
    const slow = await startServer({ signInsPerMinute: 2 });
    try {
      const visitor = slow.visitor();
      for (let i = 0; i < 2; i++) await visitor.signIn('guess@nowhere.example', 'x');
      expect((await visitor.signIn('guess@nowhere.example', 'x')).body.error.code).toBe('SIGN_IN_TOO_OFTEN');
      expect((await visitor.signIn(DEMO_ACCOUNT.email, DEMO_ACCOUNT.password)).status).toBe(200);
    } finally {
      await slow.stop();
    }
  });

  it('stores neither the password nor the token', async () => {
    const visitor = await demoFitter(running);
    const dump = JSON.stringify([await running.db.query('SELECT * FROM person'), await running.db.query('SELECT * FROM session')]);
    expect(dump).toContain('$argon2id$');
    expect(dump).not.toContain(DEMO_ACCOUNT.password);
    expect(dump).not.toContain(visitor.cookie.split('=')[1]);
  });
});
