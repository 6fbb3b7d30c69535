import { SOCKET_PROTOCOL } from '@fulcra/contract';
import { DEMO_ACCOUNT } from '@fulcra/demo';
import { WebSocket } from 'ws';
import { demoFitter } from './journeys';
import { type Running, startServer } from './running-server';

let running: Running;
afterEach(() => running.stop());
const payload = { email: DEMO_ACCOUNT.email, password: DEMO_ACCOUNT.password };
const signIn = (headers: Record<string, string> = {}) =>
  running.app.inject({ method: 'POST', url: '/api/session', remoteAddress: '10.9.9.9', headers, payload });
const named = (reply: Awaited<ReturnType<typeof signIn>>): string => (reply.headers['set-cookie'] as string[]).join(';; ');

describe('behind a proxy', () => {
  it('cookies are bound to the host and to https wherever a trusted proxy says that it is https', async () => {
    running = await startServer({ trustedProxies: ['10.9.9.9'] });
    const https = { 'x-forwarded-proto': 'https', host: 'fit.example' };
    const reply = await signIn(https);
    expect(named(reply)).toMatch(/__Host-fulcra_session=[^;]+;.*Path=\/; HttpOnly; Secure; SameSite=Strict/);
    const cookie = /__Host-fulcra_session=[^;]+/.exec(named(reply))![0];
    const ask = (headers: Record<string, string>) =>
      running.app.inject({ method: 'GET', url: '/api/session', remoteAddress: '10.9.9.9', headers });
    expect((await ask({ ...https, cookie })).statusCode).toBe(200);
    expect((await ask({ ...https, cookie: cookie.replace('__Host-', '') })).statusCode).toBe(401);
    expect(named(await signIn())).not.toContain('Secure');
  });

  it('nobody else is believed, and FULCRA_SECURE_COOKIES needs no proxy', async () => {
    running = await startServer();
    expect(named(await signIn({ 'x-forwarded-proto': 'https' }))).not.toContain('Secure');
    await running.stop();
    running = await startServer({ secureCookies: true });
    expect(named(await signIn())).toContain('__Host-fulcra_session');
  });
});

describe('answers', () => {
  it('are compressed and carry a mark of what they hold, and personal ones are kept by nobody', async () => {
    running = await startServer();
    const fitter = await demoFitter(running);
    const ask = (headers: Record<string, string>) =>
      running.app.inject({ method: 'GET', url: '/api/horses', headers: { cookie: fitter.cookie, ...headers } });
    const [plain, gzip, brotli] = [await ask({}), await ask({ 'accept-encoding': 'gzip' }), await ask({ 'accept-encoding': 'br, gzip' })];
    expect([plain, gzip, brotli].map((r) => r.headers['content-encoding'])).toEqual([undefined, 'gzip', 'br']);
    expect(brotli.rawPayload.length).toBeLessThan(plain.rawPayload.length / 2);
    expect(plain.headers['cache-control']).toBe('no-store');
    expect(plain.headers.etag).toMatch(/^W\//);
    expect((await ask({ 'if-none-match': String(plain.headers.etag) })).statusCode).toBe(304);
    expect(
      (await running.app.inject({ method: 'GET', url: '/api/health', headers: { 'accept-encoding': 'br' } })).headers['content-encoding'],
    ).toBeUndefined();
  });

  it('a socket is opened for our own pages only', async () => {
    running = await startServer();
    const { cookie, csrf } = await demoFitter(running);
    const address = `${running.base.replace('http', 'ws')}/api/stand-in/curve`;
    const opened = (headers: Record<string, string>, protocols: string[] = [SOCKET_PROTOCOL, csrf]) =>
      new Promise<boolean>((resolve) => {
        const socket = new WebSocket(address, protocols, { headers: { cookie, ...headers } });
        socket.once('open', () => (socket.terminate(), resolve(true)));
        socket.once('error', () => resolve(false));
      });
    expect(await opened({ origin: 'https://elsewhere.example' })).toBe(false);
    expect(await opened({ origin: running.base })).toBe(true);
    for (const protocols of [
      [],
      [SOCKET_PROTOCOL],
      [csrf],
      ['another', csrf],
      [SOCKET_PROTOCOL, `${csrf}x`],
      [SOCKET_PROTOCOL, csrf.slice(1)],
    ])
      expect(await opened({ origin: running.base }, protocols)).toBe(false);
  });

  it('readiness is denied while the database hangs, and health is not', async () => {
    running = await startServer();
    const { query } = running.db;
    const asked = async (url: string): Promise<number> => (await running.app.inject({ method: 'GET', url })).statusCode;
    running.db.query = () => new Promise(() => undefined);
    expect(await Promise.all([asked('/api/ready'), asked('/api/health')])).toEqual([503, 200]);
    running.db.query = () => Promise.reject(new Error('away'));
    expect(await asked('/api/ready')).toBe(503);
    running.db.query = query;
    expect(await asked('/api/ready')).toBe(200);
  });
});
