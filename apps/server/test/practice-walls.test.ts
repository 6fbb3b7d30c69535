import { DECISION, TAKE, demoFitter, startedVisit, visitOf, HORSE } from './journeys';
import { type Running, type Visitor, otherPractice, startServer } from './running-server';

let running: Running;
let stranger: Visitor;
let ids: Awaited<ReturnType<typeof startedVisit>>;

beforeAll(async () => {
  running = await startServer();
  ids = await startedVisit(await demoFitter(running));
  const account = await otherPractice(running.db);
  stranger = running.visitor();
  await stranger.signIn(account.email, account.password);
});
afterAll(() => running.stop());

/** Open to all, or about the asker alone. Everything not named here must take ids and refuse a stranger's. */
const WITHOUT_OWNED_IDS = ['/api/health', '/api/ready', '/api/welcome', '/api/session'];
const LISTS = ['/api/horses', '/api/saddles'];
const BODIES: Record<string, unknown> = {
  'PUT /api/horses/{horseId}': HORSE,
  'PUT /api/visits/{visitId}': null,
  'PUT /api/visits/{visitId}/takes/{takeId}': TAKE,
  'PUT /api/visits/{visitId}/takes/{takeId}/withdrawn': { withdrawn: true },
  'PUT /api/visits/{visitId}/decision': DECISION,
};

describe('another practice', () => {
  it('is refused on every route that takes an id', async () => {
    const walked = running.routes.filter((r) => !WITHOUT_OWNED_IDS.includes(r.url) && !LISTS.includes(r.url));
    expect(walked.length).toBeGreaterThanOrEqual(7);
    for (const { method, url } of walked) {
      const key = `${method} ${url}`;
      const path = url.replace('{horseId}', ids.horseId).replace('{visitId}', ids.visitId).replace('{takeId}', ids.takeId);
      expect(path).not.toContain('{');
      const body = method === 'GET' ? undefined : (BODIES[key] ?? visitOf(ids.horseId));
      const reply = await stranger.send(method, path, body);
      expect([key, reply.status, reply.body.error.code]).toEqual([key, 404, 'NOT_FOUND']);
    }
  });

  it('sees none of it in any list', async () => {
    for (const url of LISTS) expect((await stranger.send('GET', url)).body).toEqual([]);
  });

  it('cannot hang a visit of its own on a horse that is not its own', async () => {
    const reply = await stranger.send('PUT', `/api/visits/${ids.takeId}`, visitOf(ids.horseId));
    expect(reply.body.error.code).toBe('NOT_FOUND');
  });

  it('those who are signed out are refused on every closed route', async () => {
    const nobody = running.visitor();
    const open = ['/api/health', '/api/ready', '/api/welcome'];
    for (const { method, url } of running.routes) {
      if (open.includes(url) || (method === 'POST' && url === '/api/session')) continue;
      const path = url.replace(/\{\w+\}/g, ids.visitId);
      const reply = await nobody.send(method, path, method === 'GET' ? undefined : {});
      expect([method, url, reply.status]).toEqual([method, url, 401]);
    }
  });
});
