import { DEMO_LEATHERS, DEMO_SADDLES } from '@fulcra/demo';
import { v7 } from 'uuid';
import { DECISION, TAKE, demoFitter, startedVisit, tackFound, tackMended } from './journeys';
import { type Running, type Visitor, startServer } from './running-server';

let running: Running;
let fitter: Visitor;
beforeAll(async () => {
  running = await startServer();
  fitter = await demoFitter(running);
});
afterAll(() => running.stop());

const { id: _, ...SADDLE } = DEMO_SADDLES[0]!;
const SORE = { kind: 'feel', spots: [{ place: 'loin', side: 'near' }], pass: 'light', reaction: 'guard', signs: [] };
const page = async (visitId: string) => (await fitter.send('GET', `/api/visits/${visitId}`)).body;
const say = async (visitId: string, change: object) => {
  const { id: _id, fitter: _fitter, ...was } = (await page(visitId)).visit;
  return fitter.send('PUT', `/api/visits/${visitId}`, { ...was, ...change, was });
};
const found = async (visitId: string, body: object) => {
  const factId = v7();
  const reply = await fitter.send('PUT', `/api/visits/${visitId}/facts/${factId}`, { madeAt: '2026-11-20T09:00:00.000Z', body });
  expect(reply.status).toBe(200);
  return factId;
};
const withdraw = (visitId: string, factId: string) =>
  fitter.send('PUT', `/api/visits/${visitId}/facts/${factId}/withdrawn`, { withdrawn: true });
const ride = async (horseId: string) => (await fitter.send('GET', `/api/horses/${horseId}`)).body.visits[0].ride;

describe('"good to ride" is derived', () => {
  it('a sore finding added later takes it back; withdrawn, it stands again', async () => {
    const { visitId, horseId } = await startedVisit(fitter);
    expect((await say(visitId, { result: 'goodToRide' })).status).toBe(200);
    expect(await ride(horseId)).toMatchObject({ said: 'goodToRide', stands: 'goodToRide', takenBack: [] });
    const factId = await found(visitId, SORE);
    expect(await ride(horseId)).toMatchObject({
      said: 'goodToRide',
      stands: 'notGoodToRide',
      takenBack: [{ code: 'SORE_HOLD', findings: 1 }],
    });
    await withdraw(visitId, factId);
    expect(await ride(horseId)).toMatchObject({ stands: 'goodToRide' });
  });

  it('a clearance by a named person lets it be said; withdrawn, it is taken back', async () => {
    const { visitId, horseId } = await startedVisit(fitter);
    const sore = await found(visitId, SORE);
    expect((await say(visitId, { result: 'goodToRide' })).body.error.code).toBe('VISIT_HELD');
    const cleared = await found(visitId, { kind: 'holdCleared', by: 'Dr. Trewin', reason: 'seen and passed', clears: [sore] });
    expect((await say(visitId, { result: 'goodToRide' })).status).toBe(200);
    await withdraw(visitId, cleared);
    expect(await ride(horseId)).toMatchObject({ stands: 'notGoodToRide', takenBack: [{ code: 'SORE_HOLD' }] });
  });

  it('a saddle found unsafe afterwards takes it back, at every visit that ends with it; mended, it stands again', async () => {
    const { visitId, horseId } = await startedVisit(fitter);
    const saddleId = v7();
    await fitter.send('PUT', `/api/saddles/${saddleId}`, { ...SADDLE, name: 'Later cracked' });
    await fitter.send('PUT', `/api/visits/${visitId}/decisions/${v7()}`, { ...DECISION, saddleId });
    expect((await say(visitId, { result: 'goodToRide' })).status).toBe(200);
    const { id } = await tackFound(fitter, 'saddle', saddleId, [{ point: 'treeArch', side: null }]);
    expect(await ride(horseId)).toMatchObject({ stands: 'notGoodToRide', takenBack: [{ code: 'TACK_UNSAFE', name: 'Later cracked' }] });
    await tackMended(fitter, 'saddle', saddleId, id);
    expect(await ride(horseId)).toMatchObject({ stands: 'goodToRide' });
  });

  it.each(['leather', 'girth'] as const)(
    'an unsafe %s that goes with the saddle takes it back too; mended, it stands again',
    async (kind) => {
      const { visitId, horseId } = await startedVisit(fitter);
      const [saddleId, itemId] = [v7(), v7()];
      await fitter.send('PUT', `/api/saddles/${saddleId}`, { ...SADDLE, name: 'Sound one' });
      const { id: _pair, ...pair } = DEMO_LEATHERS[0]!;
      const girth = { lengthMm: null, material: 'leather', elastic: 'none', newOn: null, note: '' };
      const item = { ...(kind === 'leather' ? { ...pair, riderId: null } : girth), name: 'Torn one', saddleId };
      expect((await fitter.send('PUT', `/api/${kind}s/${itemId}`, item)).status).toBe(200);
      await fitter.send('PUT', `/api/visits/${visitId}/decisions/${v7()}`, { ...DECISION, saddleId });
      expect((await say(visitId, { result: 'goodToRide' })).status).toBe(200);
      const point = kind === 'leather' ? 'leatherStitching' : 'girthStitching';
      const { id } = await tackFound(fitter, kind, itemId, [{ point, side: 'off' }]);
      expect(await ride(horseId)).toMatchObject({ stands: 'notGoodToRide', takenBack: [{ code: 'TACK_UNSAFE', name: 'Torn one' }] });
      await say(visitId, { result: null });
      expect((await say(visitId, { result: 'goodToRide' })).body.error.code).toBe('TACK_UNSAFE');
      await tackMended(fitter, kind, itemId, id, [{ point, side: 'off' }]);
      expect((await say(visitId, { result: 'goodToRide' })).status).toBe(200);
    },
  );

  it('what is taken back doesn’t stop the rest of the visit from being changed', async () => {
    const { visitId } = await startedVisit(fitter);
    await say(visitId, { result: 'goodToRide' });
    await found(visitId, SORE);
    expect((await say(visitId, { note: 'the loin is sore after all' })).status).toBe(200);
    expect((await say(visitId, { result: null })).status).toBe(200);
    expect((await say(visitId, { result: 'goodToRide' })).body.error.code).toBe('VISIT_HELD');
  });
});

describe('a closed visit', () => {
  const kinds = async (visitId: string) => (await page(visitId)).facts.map((f: { body: { kind: string } }) => f.body.kind);
  it('keeps its takes as they are until it is opened again, which goes on record with what came before', async () => {
    const { visitId, takeId } = await startedVisit(fitter);
    const takes = `/api/visits/${visitId}/takes`;
    expect((await say(visitId, { status: 'done' })).status).toBe(200);
    expect((await fitter.send('PUT', `${takes}/${v7()}`, TAKE)).body.error.code).toBe('VISIT_CLOSED');
    expect((await fitter.send('PUT', `${takes}/${takeId}/withdrawn`, { withdrawn: true })).body.error.code).toBe('VISIT_CLOSED');
    expect((await fitter.send('PUT', `${takes}/${takeId}`, TAKE)).status).toBe(200);
    await say(visitId, { status: 'open' });
    expect((await fitter.send('PUT', `${takes}/${v7()}`, TAKE)).status).toBe(200);
    expect((await fitter.send('PUT', `${takes}/${takeId}/withdrawn`, { withdrawn: true })).status).toBe(200);
    expect(await kinds(visitId)).toEqual(['visitClosed', 'visitReopened']);
  });

  it('is closed once, however often that is said', async () => {
    const { visitId } = await startedVisit(fitter);
    await say(visitId, { status: 'done' });
    await say(visitId, { status: 'done' });
    await say(visitId, { note: 'tidy' });
    expect(await kinds(visitId)).toEqual(['visitClosed']);
  });

  it('nobody writes that record but the server', async () => {
    const { visitId } = await startedVisit(fitter);
    const body = { madeAt: '2026-11-20T09:00:00.000Z', body: { kind: 'visitReopened' } };
    expect((await fitter.send('PUT', `/api/visits/${visitId}/facts/${v7()}`, body)).status).toBe(400);
  });
});
