import { CURVE_WORKER_PATH, PRACTICE_DEFAULTS } from '@fulcra/contract';
import { DEMO_ACCOUNT } from '@fulcra/demo';
import { demoFitter } from './journeys';
import { type Running, otherPractice, startServer } from './running-server';

let running: Running;
beforeAll(async () => {
  running = await startServer();
});
afterAll(() => running.stop());

const policy = 'content-security-policy';

it('carries the one address its practice’s sensor is at, and no other practice’s', async () => {
  const fitter = await demoFitter(running);
  const settings = { ...PRACTICE_DEFAULTS, curveAddress: 'ws://192.168.4.1:8080/line' };
  expect((await fitter.send('PUT', `/api/practice-settings/${DEMO_ACCOUNT.practiceId}`, settings)).status).toBe(200);
  const reply = await fitter.send('GET', CURVE_WORKER_PATH);
  expect(reply.headers.get(policy)).toBe("default-src 'none'; connect-src ws://192.168.4.1:8080");
  expect(reply.headers.get('content-type')).toMatch(/^text\/javascript/);
  expect(reply.headers.get('cache-control')).toBe('no-store');

  const account = await otherPractice(running.db);
  const other = running.visitor();
  await other.signIn(account.email, account.password);
  expect((await other.send('GET', CURVE_WORKER_PATH)).headers.get(policy)).toBe("default-src 'none'; connect-src 'none'");
});

it('is for those signed in, and the page’s own policy opens nothing', async () => {
  expect((await running.visitor().send('GET', CURVE_WORKER_PATH)).status).toBe(401);
  expect((await running.visitor().send('GET', '/api/welcome')).headers.get(policy)).toContain("connect-src 'self';");
});

it('an address that would say more in a header is refused', async () => {
  const fitter = await demoFitter(running);
  const settings = { ...PRACTICE_DEFAULTS, curveAddress: 'ws://a; script-src *' };
  expect((await fitter.send('PUT', `/api/practice-settings/${DEMO_ACCOUNT.practiceId}`, settings)).status).toBe(400);
});
