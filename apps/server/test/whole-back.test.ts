import { DEMO_ANIMALS, trueStation, trueTopline } from '@fulcra/demo';
import { v7 } from 'uuid';
import { HORSE, demoFitter, startedVisit, visitOf } from './journeys';
import { type Running, type Visitor, startServer } from './running-server';

let running: Running;
let visitor: Visitor;
let ids: Awaited<ReturnType<typeof startedVisit>>;
beforeAll(async () => {
  running = await startServer();
});
beforeEach(async () => {
  visitor = await demoFitter(running);
  ids = await startedVisit(visitor);
});
afterAll(() => running.stop());

const fact = (body: unknown) => ({ madeAt: '2026-11-20T09:00:00.000Z', body });
const put = (id: string, body: unknown) => visitor.send('PUT', `/api/visits/${ids.visitId}/facts/${id}`, fact(body));
const page = async () => (await visitor.send('GET', `/api/visits/${ids.visitId}`)).body;
const HEAT = { kind: 'feel', spots: [{ place: 'loin', side: 'off' }], pass: 'light', reaction: 'none', signs: ['heat'] };
const visitFields = () => visitOf(ids.horseId);

describe('facts of a visit', () => {
  it('are kept in the order the server heard of them, whatever the device’s clock says', async () => {
    const [first, second] = [v7(), v7()];
    await visitor.send('PUT', `/api/visits/${ids.visitId}/facts/${second}`, { madeAt: '2027-11-20T09:00:00.000Z', body: HEAT });
    await visitor.send('PUT', `/api/visits/${ids.visitId}/facts/${first}`, {
      madeAt: '2025-11-20T09:00:00.000Z',
      body: { kind: 'cautionsShown' },
    });
    expect((await page()).facts.map((f: { id: string }) => f.id)).toEqual([second, first]);
  });

  it('sent twice are one; another under the same id is refused; withdrawn ones stay on record', async () => {
    const id = v7();
    expect((await put(id, HEAT)).status).toBe(200);
    expect((await put(id, HEAT)).status).toBe(200);
    expect((await put(id, { ...HEAT, signs: [] })).body.error.code).toBe('FACT_IMMUTABLE');
    await visitor.send('PUT', `/api/visits/${ids.visitId}/facts/${id}/withdrawn`, { withdrawn: true });
    expect((await page()).facts).toMatchObject([{ id, withdrawn: true, body: HEAT }]);
  });

  it.each([
    ['a place no horse has', { ...HEAT, spots: [{ place: 'wing', side: 'off' }] }],
    ['a weight in grams', { kind: 'intake', field: 'weightKg', value: 480_000 }],
    ['work in words of one’s own', { kind: 'intake', field: 'work', value: 'plenty' }],
    ['a trait with another trait’s value', { kind: 'trait', trait: 'withers', value: 'downhill' }],
    ['a clearance without a reason', { kind: 'holdCleared', by: 'R. Vane', reason: '', clears: [v7()] }],
    ['no kind at all', {}],
  ])('refuses %s', async (_, body) => {
    expect((await put(v7(), body)).body.error.code).toBe('INPUT_INVALID');
  });

  it('refuses a landmark in the wrong unit, naming it', async () => {
    const lastRib = { kind: 'landmark', landmark: 'lastRib', side: null, way: 'flankHair', station: null, pose: null, atMm: 40 };
    const reply = await put(v7(), lastRib);
    expect(reply.body.error).toMatchObject({
      code: 'LANDMARK_REFUSED',
      problems: [{ code: 'LANDMARK_OUT_OF_RANGE', values: { atMm: 40 } }],
    });
  });

  it('of earlier visits are offered at the next', async () => {
    await put(v7(), { kind: 'intake', field: 'weightKg', value: 480 });
    const next = v7();
    await visitor.send('PUT', `/api/visits/${next}`, { ...visitFields(), startedOn: '2026-12-20' });
    expect((await visitor.send('GET', `/api/visits/${next}`)).body.earlier).toEqual([{ field: 'weightKg', value: 480, on: '2026-11-20' }]);
    expect((await page()).earlier).toEqual([]);
  });
});

describe('the sore hold', () => {
  it('refuses good to ride until a named person clears it, and keeps both', async () => {
    const [found, cleared] = [v7(), v7()];
    await put(found, HEAT);
    const good = { ...visitFields(), result: 'goodToRide', was: visitFields() };
    expect((await visitor.send('PUT', `/api/visits/${ids.visitId}`, good)).body.error.code).toBe('VISIT_HELD');
    await put(cleared, { kind: 'holdCleared', by: 'R. Vane, veterinary surgeon', reason: 'Seen today: a fly bite.', clears: [found] });
    expect((await visitor.send('PUT', `/api/visits/${ids.visitId}`, good)).body.result).toBe('goodToRide');
    expect((await page()).facts.map((f: { body: { kind: string } }) => f.body.kind)).toEqual(['feel', 'holdCleared']);
  });

  it('a result that is not good may always be said', async () => {
    await put(v7(), HEAT);
    const reply = await visitor.send('PUT', `/api/visits/${ids.visitId}`, {
      ...visitFields(),
      result: 'notGoodToRide',
      was: visitFields(),
    });
    expect(reply.body.result).toBe('notGoodToRide');
  });
});

describe('two devices', () => {
  it('that change different fields of a horse both have their way', async () => {
    await visitor.send('PUT', `/api/horses/${ids.horseId}`, { ...HORSE, note: 'Left device.', was: HORSE });
    const reply = await visitor.send('PUT', `/api/horses/${ids.horseId}`, { ...HORSE, heightMm: 1420, was: HORSE });
    expect(reply.body).toMatchObject({ note: 'Left device.', heightMm: 1420 });
  });

  it('that change the same field are shown both, and nothing is stored', async () => {
    await visitor.send('PUT', `/api/horses/${ids.horseId}`, { ...HORSE, note: 'Left device.', was: HORSE });
    const reply = await visitor.send('PUT', `/api/horses/${ids.horseId}`, { ...HORSE, note: 'Right device.', was: HORSE });
    expect(reply.body.error).toMatchObject({ code: 'FIELDS_CLASH', clash: { fields: ['note'], theirs: { note: 'Left device.' } } });
    const chosen = await visitor.send('PUT', `/api/horses/${ids.horseId}`, {
      ...HORSE,
      note: 'Right device.',
      was: { ...HORSE, note: 'Left device.' },
    });
    expect(chosen.body.note).toBe('Right device.');
  });

  it('that measure the same station keep both takes', async () => {
    const section = trueStation(DEMO_ANIMALS[0]!.back, 'low');
    const take = (id: string) =>
      visitor.send('PUT', `/api/visits/${ids.visitId}/takes/${id}`, {
        station: 'low',
        takenAtMm: 205,
        takenAt: '2026-11-20T09:00:00.000Z',
        reading: { kind: 'points', points: section },
      });
    await Promise.all([take(v7()), take(v7())]);
    expect((await page()).takes.filter((t: { station: string }) => t.station === 'low')).toHaveLength(2);
  });
});

describe('stations', () => {
  const take = (station: string, reading: unknown) =>
    visitor.send('PUT', `/api/visits/${ids.visitId}/takes/${v7()}`, {
      station,
      takenAtMm: 0,
      takenAt: '2026-11-20T09:00:00.000Z',
      reading,
    });

  it('a topline is a line, and a section is not', async () => {
    const line = trueTopline(DEMO_ANIMALS[0]!.back);
    expect((await take('topline', { kind: 'line', line })).status).toBe(200);
    expect((await take('low', { kind: 'line', line })).body.error).toMatchObject({
      code: 'SECTION_REFUSED',
      problems: [{ code: 'TAKE_OTHER_DIRECTION' }],
    });
  });

  it('a bend list is a section or a line, by where it was laid', async () => {
    const bends = { kind: 'bends', pitchMm: 20, bendsDeg: Array.from({ length: 17 }, () => -6), centreJoint: 8, tiltDeg: 0 };
    expect((await take('base', bends)).status).toBe(200);
    expect((await take('withers', { ...bends, bendsDeg: bends.bendsDeg.map(() => -1) })).status).toBe(200);
    expect((await take('base', { ...bends, centreJoint: 30 })).body.error.problems).toMatchObject([{ code: 'BENDS_CENTRE' }]);
  });

  it('of all visits of a horse come together, oldest first', async () => {
    const reply = await visitor.send('GET', `/api/horses/${ids.horseId}/tracings`);
    expect(reply.body).toMatchObject([{ visitId: ids.visitId, takes: [{ station: 'front' }] }]);
  });
});

describe('riders', () => {
  it('belong to horses of the same practice only', async () => {
    const riderId = v7();
    const rider = { name: 'Ash Penhale', heightMm: 1700, weightKg: 70, note: '' };
    expect((await visitor.send('PUT', `/api/riders/${riderId}`, rider)).status).toBe(200);
    expect((await visitor.send('GET', '/api/riders')).body.map((r: { name: string }) => r.name)).toContain('Ash Penhale');
    const reply = await visitor.send('PUT', `/api/horses/${ids.horseId}`, { ...HORSE, riderIds: [riderId], was: HORSE });
    expect(reply.body.riderIds).toEqual([riderId]);
    const stranger = await visitor.send('PUT', `/api/horses/${ids.horseId}`, { ...HORSE, riderIds: [v7()], was: reply.body });
    expect(stranger.body.error.code).toBe('RIDER_UNKNOWN');
  });
});
