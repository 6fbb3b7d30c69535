import { createHash } from 'node:crypto';
import { v7 } from 'uuid';
import { DECISION, TAKE, demoFitter, startedVisit } from './journeys';
import { type Running, type Visitor, startServer } from './running-server';

let running: Running;
let fitter: Visitor;
beforeAll(async () => {
  running = await startServer();
  fitter = await demoFitter(running);
});
afterAll(() => running.stop());

const madeAt = '2026-11-20T09:00:00.000Z';
const PNG = Buffer.concat([Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]), Buffer.alloc(40)]);
const PHOTO = {
  ...{ view: 'behind', note: '', takenAt: madeAt, mediaType: 'image/png', bytes: PNG.length },
  sha256: createHash('sha256').update(PNG).digest('hex'),
};

const visitOfPage = async (visitId: string) => {
  const { id: _id, fitter: _fitter, ...visit } = (await fitter.send('GET', `/api/visits/${visitId}`)).body.visit;
  return visit;
};
const change = async (visitId: string, fields: object) => {
  const was = await visitOfPage(visitId);
  return fitter.send('PUT', `/api/visits/${visitId}`, { ...was, ...fields, was });
};

/** What a fitter's screens write at a visit: a tap each. */
const FACTS = [
  { kind: 'ridden', gaits: ['walk'], seen: '' },
  { kind: 'bellyLift', riseMm: 20, byEye: null, even: null, withersFill: null },
  { kind: 'trait', trait: 'withers', value: 'high' },
  { kind: 'feel', spots: [{ place: 'loin', side: 'near' }], pass: 'light', reaction: 'guard', signs: [] },
  { kind: 'intake', field: 'weightKg', value: 480 },
  { kind: 'complaint', complaint: 'slidesForward', place: null, side: null, when: [], note: '' },
  { kind: 'forOwner', said: 'All is well.', watchFor: '' },
  { kind: 'landmark', landmark: 'girthGroove', side: null, way: null, station: null, pose: null, atMm: 90 },
] as const;

describe('a closed visit', () => {
  it('stands: its report, read through an owner’s link, says the same whatever is tapped afterwards, until it is opened again', async () => {
    const { visitId, horseId, takeId } = await startedVisit(fitter);
    const facts = `/api/visits/${visitId}/facts`;
    const earlier = v7();
    await fitter.send('PUT', `${facts}/${earlier}`, { madeAt, body: FACTS[0] });
    await change(visitId, { status: 'done', result: 'notGoodToRide' });
    const { token } = (await fitter.send('POST', `/api/horses/${horseId}/links`, { ownerName: 'Owner', days: 30 })).body;
    const seen = async () => (await running.visitor().send('GET', `/api/shared/${token}`)).body.report;
    const before = await seen();

    const writes: readonly (readonly [string, object])[] = [
      ...FACTS.map((body) => [`${facts}/${v7()}`, { madeAt, body }] as const),
      [`${facts}/${earlier}/withdrawn`, { withdrawn: true }],
      [`/api/visits/${visitId}/takes/${v7()}`, TAKE],
      [`/api/visits/${visitId}/takes/${takeId}/withdrawn`, { withdrawn: true }],
      [`/api/visits/${visitId}/decisions/${v7()}`, DECISION],
      [`/api/visits/${visitId}/photos/${v7()}`, PHOTO],
    ];
    for (const [path, body] of writes)
      expect([path, (await fitter.send('PUT', path, body)).body.error?.code]).toEqual([path, 'VISIT_CLOSED']);
    const fields = [{ result: 'goodToRide' }, { note: 'x' }, { stationMm: 60 }, { startedOn: '2026-11-21' }, { schoolId: 'panel-first' }];
    for (const field of fields) expect((await change(visitId, field)).body.error?.code).toBe('VISIT_CLOSED');
    expect(await seen()).toEqual(before);

    expect((await change(visitId, { status: 'open' })).status).toBe(200);
    for (const [path, body] of writes.slice(0, FACTS.length)) expect((await fitter.send('PUT', path, body)).status).toBe(200);
    const { facts: kept } = (await fitter.send('GET', `/api/visits/${visitId}`)).body;
    expect(kept.map((f: { body: { kind: string } }) => f.body.kind).filter((k: string) => k.startsWith('visit'))).toEqual([
      'visitClosed',
      'visitReopened',
    ]);
  });

  it('what was taken before it was closed may be sent again, and a photo announced before comes whole', async () => {
    const { visitId, takeId } = await startedVisit(fitter);
    const factId = v7();
    const photo = `/api/visits/${visitId}/photos/${v7()}`;
    await fitter.send('PUT', `/api/visits/${visitId}/facts/${factId}`, { madeAt, body: FACTS[4] });
    expect((await fitter.send('PUT', photo, PHOTO)).status).toBe(200);
    await change(visitId, { status: 'done' });
    expect((await fitter.send('PUT', `/api/visits/${visitId}/takes/${takeId}`, TAKE)).status).toBe(200);
    expect((await fitter.send('PUT', `/api/visits/${visitId}/facts/${factId}`, { madeAt, body: FACTS[4] })).status).toBe(200);
    expect((await fitter.send('PUT', photo, PHOTO)).status).toBe(200);
    const binned = { kind: 'photo', name: 'photo', at: madeAt, by: 'Isla Venn', restored: false };
    expect((await fitter.send('PUT', `/api/bin/${photo.split('/').at(-1)}`, binned)).body.error.code).toBe('VISIT_CLOSED');
  });
});
