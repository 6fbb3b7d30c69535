import { DEMO_SADDLES } from '@fulcra/demo';
import { v7 } from 'uuid';
import { DECISION, TAKE, demoFitter, startedVisit, visitOf, HORSE } from './journeys';
import { type Running, type Visitor, otherPractice, startServer } from './running-server';

let running: Running;
let stranger: Visitor;
const [factId, riderId, photoId, saddleId, decisionId] = [v7(), v7(), v7(), v7(), v7()];
const [contactId, yardId, appointmentId, ownerWordId] = [v7(), v7(), v7(), v7()];
const orderId = v7();
let linkId: string;
let mailId: string;
const [measuresId, leatherId, leatherTakeId, girthId, tackCheckId] = [v7(), v7(), v7(), v7(), v7()];
const { id: _, ...SADDLE } = DEMO_SADDLES[0]!;
const RIDER = { name: 'Ash Penhale', heightMm: null, weightKg: null, note: '' };
const MEASURES = { riderId, takenOn: '2026-11-20', hand: 'Isla Venn', lengthsMm: { stature: 1700 }, withdrawn: false };
const LEATHER = {
  name: 'Long pair',
  kind: 'looped',
  spacingMm: 25,
  holes: 16,
  newOn: null,
  eyeToTreadMm: 125,
  ironWidthMm: null,
  riderId: null,
  saddleId: null,
  note: '',
};
const LEATHER_TAKE = {
  leatherId,
  takenOn: '2026-11-20',
  hand: 'Isla Venn',
  way: 'hang',
  near: { hole: 8, hangMm: 640 },
  off: { hole: 8, hangMm: 644 },
  second: null,
  withdrawn: false,
};
const GIRTH = { name: 'Short', lengthMm: 700, material: 'leather', elastic: 'none', newOn: null, saddleId: null, note: '' };
const CONTACT = { name: 'An Owner', email: 'owner@yard.example', phone: '', remind: true, note: '' };
const YARD = { name: 'A yard', address: '', place: null, contactId: null, note: '' };
const APPOINTMENT = {
  ...{ on: '2026-12-03', at: '09:30', minutes: 60, reason: 'asked', fitter: 'Isla Venn', state: 'planned', note: '' },
};
const ORDER = { visitId: null, saddleId: null, contactId: null, title: 'Take out 6 mm', lines: [], dueOn: null, note: '', state: 'draft' };
let order: object;
const MAIL = { kind: 'report', to: 'a@b.example', subject: 'Report', text: 'Here it is', appointmentId: null };
const TACK_CHECK = {
  ...{ itemKind: 'leather', itemId: leatherId, madeAt: '2026-11-20T09:00:00.000Z', hand: 'Isla Venn', source: 'practice', round: 'full' },
  found: [{ point: 'leatherHoles', side: 'near', finding: 'sound', note: '' }],
  ...{ mended: null, withdrawn: false },
};
const PHOTO = {
  view: 'behind',
  note: '',
  takenAt: '2026-11-20T09:00:00.000Z',
  mediaType: 'image/jpeg',
  bytes: 100,
  sha256: 'a'.repeat(64),
};
let practiceId: string;
let ids: Awaited<ReturnType<typeof startedVisit>>;

beforeAll(async () => {
  running = await startServer();
  const owner = await demoFitter(running);
  ids = await startedVisit(owner);
  await owner.send('PUT', `/api/riders/${riderId}`, RIDER);
  const taken = [
    await owner.send('PUT', `/api/rider-measures/${measuresId}`, MEASURES),
    await owner.send('PUT', `/api/leathers/${leatherId}`, LEATHER),
    await owner.send('PUT', `/api/leather-takes/${leatherTakeId}`, LEATHER_TAKE),
    await owner.send('PUT', `/api/contacts/${contactId}`, CONTACT),
    await owner.send('PUT', `/api/yards/${yardId}`, YARD),
    await owner.send('PUT', `/api/appointments/${appointmentId}`, { ...APPOINTMENT, horseId: ids.horseId }),
    await owner.send('PUT', `/api/girths/${girthId}`, GIRTH),
    await owner.send('PUT', `/api/tack-checks/${tackCheckId}`, TACK_CHECK),
    await owner.send('PUT', `/api/tack-checks/${tackCheckId}/photos/${v7()}`, PHOTO),
  ];
  expect(taken.map((r) => r.status)).toEqual(taken.map(() => 200));
  await owner.send('PUT', `/api/saddles/${saddleId}`, SADDLE);
  await owner.send('PUT', `/api/visits/${ids.visitId}/photos/${photoId}`, PHOTO);
  await owner.send('PUT', `/api/visits/${ids.visitId}/decisions/${decisionId}`, DECISION);
  const link = await owner.send('POST', `/api/horses/${ids.horseId}/links`, { ownerName: 'An Owner', days: 30 });
  linkId = link.body.id;
  const said = { body: { kind: 'changed', what: ['rubs'], note: '' } };
  await running.visitor().send('PUT', `/api/shared/${link.body.token}/words/${ownerWordId}`, said);
  mailId = (await owner.send('POST', '/api/mail', MAIL)).body.id;
  const step = { state: 'draft', at: '2026-11-20T09:00:00.000Z', by: 'Isla Venn' };
  order = { ...ORDER, horseId: ids.horseId, history: [step] };
  expect((await owner.send('PUT', `/api/orders/${orderId}`, order)).status).toBe(200);
  practiceId = (await owner.send('GET', '/api/session')).body.practice.id;
  await owner.send('PUT', `/api/practice-settings/${practiceId}`, { fingerMm: 19 });
  await owner.send('PUT', `/api/visits/${ids.visitId}/facts/${factId}`, BODIES['PUT /api/visits/{visitId}/facts/{factId}']);
  const account = await otherPractice(running.db);
  stranger = running.visitor();
  await stranger.signIn(account.email, account.password);
});
afterAll(() => running.stop());

/** Open to all, or about the asker alone. Everything not named here must take ids and refuse a stranger's. */
const WITHOUT_OWNED_IDS = [
  ...['/api/health', '/api/ready', '/api/welcome', '/api/session', '/api/horses'],
  ...['/api/calendar-feed', '/api/stand-in/mail'],
];
/** Opened by a link's secret and by nothing else: walked in their own test. */
const BY_SECRET = (url: string): boolean => url.startsWith('/api/shared/') || url.startsWith('/api/calendar/');
const LISTS = [
  '/api/saddles',
  '/api/practice-settings',
  '/api/riders',
  '/api/rider-measures',
  '/api/leathers',
  '/api/leather-takes',
  '/api/girths',
  '/api/contacts',
  '/api/yards',
  '/api/bin',
  '/api/appointments',
  '/api/due',
  '/api/owner-words',
  '/api/orders',
  '/api/owner-photos',
  '/api/mail',
  '/api/tack-checks',
  '/api/saddle-photos',
  '/api/tack-photos',
];
/** Ids in the body: walked in their own tests. */
const ASKS = ['/api/rankings', '/api/writes', '/api/mail', '/api/photo-room'];
/** A body that isn't JSON: walked in its own test. */
const NOT_JSON = [
  '/api/visits/{visitId}/photos/{photoId}/content',
  '/api/saddles/{saddleId}/photos/{photoId}/content',
  '/api/tack-checks/{tackCheckId}/photos/{photoId}/content',
];
const BODIES: Record<string, unknown> = {
  'PUT /api/horses/{horseId}': HORSE,
  'PUT /api/visits/{visitId}': null,
  'PUT /api/visits/{visitId}/takes/{takeId}': TAKE,
  'PUT /api/visits/{visitId}/takes/{takeId}/withdrawn': { withdrawn: true },
  'PUT /api/visits/{visitId}/decisions/{decisionId}': DECISION,
  'PUT /api/practice-settings/{practiceId}': { fingerMm: 17 },
  'PUT /api/visits/{visitId}/facts/{factId}': { madeAt: '2026-11-20T09:00:00.000Z', body: { kind: 'cautionsShown' } },
  'PUT /api/visits/{visitId}/facts/{factId}/withdrawn': { withdrawn: true },
  'PUT /api/riders/{riderId}': RIDER,
  'PUT /api/rider-measures/{measuresId}': MEASURES,
  'PUT /api/leathers/{leatherId}': LEATHER,
  'PUT /api/leather-takes/{leatherTakeId}': LEATHER_TAKE,
  'PUT /api/girths/{girthId}': GIRTH,
  'PUT /api/owner-words/{ownerWordId}': {
    ...{ ownerName: 'An Owner', madeAt: '2026-11-20T09:00:00.000Z', body: { kind: 'asksVisit', when: '', note: '' }, takenUp: null },
    horseId: v7(),
  },
  'POST /api/horses/{horseId}/links': { ownerName: 'Me', days: 3 },
  'PUT /api/contacts/{contactId}': CONTACT,
  'PUT /api/yards/{yardId}': YARD,
  'PUT /api/bin/{binnedId}': { kind: 'horse', name: 'Not mine', at: '2026-11-20T09:00:00.000Z', by: 'Me', restored: false },
  'PUT /api/tack-checks/{tackCheckId}': TACK_CHECK,
  'PUT /api/tack-checks/{tackCheckId}/photos/{photoId}': PHOTO,
  'PUT /api/saddles/{saddleId}': SADDLE,
  'PUT /api/visits/{visitId}/photos/{photoId}': PHOTO,
  'PUT /api/saddles/{saddleId}/photos/{photoId}': PHOTO,
};

describe('another practice', () => {
  it('is refused on every route that takes an id', async () => {
    const walked = running.routes.filter(
      (r) =>
        !WITHOUT_OWNED_IDS.includes(r.url) &&
        !LISTS.includes(r.url) &&
        !ASKS.includes(r.url) &&
        !NOT_JSON.includes(r.url) &&
        !BY_SECRET(r.url),
    );
    expect(walked.length).toBeGreaterThanOrEqual(7);
    for (const { method, url } of walked) {
      const key = `${method} ${url}`;
      const owned: Record<string, string> = {
        ...{ ...ids, factId, riderId, photoId, saddleId, decisionId, practiceId },
        ...{ orderId, contactId, yardId, appointmentId, ownerWordId, linkId, mailId },
        binnedId: ids.horseId,
        ...{ measuresId, leatherId, leatherTakeId, girthId, tackCheckId },
      };
      const path = url.replace(/\{(\w+)\}/g, (_, name: string) => owned[name] ?? `{${name}}`);
      expect(path).not.toContain('{');
      const ownBody = url.includes('orders')
        ? order
        : url.includes('appointments')
          ? { ...APPOINTMENT, horseId: ids.horseId }
          : visitOf(ids.horseId);
      const body = method === 'GET' || method === 'DELETE' ? undefined : (BODIES[key] ?? ownBody);
      const reply = await stranger.send(method, path, body);
      expect([key, reply.status, reply.body.error.code]).toEqual([key, 404, 'NOT_FOUND']);
    }
  });

  it('can neither see nor fill another’s photo', async () => {
    const url = `/api/visits/${ids.visitId}/photos/${photoId}/content`;
    expect((await stranger.send('GET', url)).body.error.code).toBe('NOT_FOUND');
    const headers = { 'content-type': 'application/octet-stream', cookie: stranger.cookie, 'x-fulcra-csrf': stranger.csrf };
    const reply = await fetch(`${running.base}${url}?from=0`, { method: 'PUT', headers, body: new Uint8Array([0xff, 0xd8, 0xff]) });
    expect(reply.status).toBe(404);
  });

  it('sees none of it in any list', async () => {
    for (const url of LISTS) expect((await stranger.send('GET', url)).body).toEqual([]);
    expect((await stranger.send('GET', '/api/horses')).body).toEqual({ underWay: [], horses: [], next: null, total: 0 });
    expect((await stranger.send('GET', '/api/photo-room')).body.usedBytes).toBe(0);
  });

  it('cannot hang a visit of its own on a horse that is not its own', async () => {
    const reply = await stranger.send('PUT', `/api/visits/${ids.takeId}`, visitOf(ids.horseId));
    expect(reply.body.error.code).toBe('NOT_FOUND');
  });

  it('gets nothing through by sending many at once, or by asking for a ranking', async () => {
    const { visitId, takeId } = ids;
    const writes = [
      { kind: 'take', visitId, takeId: v7(), body: TAKE },
      { kind: 'withdrawal', visitId, takeId, body: { withdrawn: true } },
      { kind: 'fact', visitId, factId: v7(), body: BODIES['PUT /api/visits/{visitId}/facts/{factId}'] },
      { kind: 'factWithdrawal', visitId, factId, body: { withdrawn: true } },
      { kind: 'decision', visitId, decisionId: v7(), body: DECISION },
    ];
    const { body } = await stranger.send('POST', '/api/writes', { writes });
    expect(body.results.map((r: { error: { code: string } }) => r.error.code)).toEqual(writes.map(() => 'NOT_FOUND'));
    const question = { visitId, schoolId: 'static-close', rider: null, strapPullN: 60 };
    expect((await stranger.send('POST', '/api/rankings', question)).body.error.code).toBe('NOT_FOUND');
    expect((await stranger.send('POST', '/api/mail', { ...MAIL, appointmentId })).body.error.code).toBe('NOT_FOUND');
  });

  it('those who are signed out are refused on every closed route', async () => {
    const nobody = running.visitor();
    const open = ['/api/health', '/api/ready', '/api/welcome'];
    for (const { method, url } of running.routes) {
      if (open.includes(url) || BY_SECRET(url) || (method === 'POST' && url === '/api/session')) continue;
      const path = url.replace(/\{\w+\}/g, ids.visitId);
      const reply = await nobody.send(method, path, method === 'GET' || method === 'DELETE' ? undefined : {});
      expect([method, url, reply.status]).toEqual([method, url, 401]);
    }
  });
});
