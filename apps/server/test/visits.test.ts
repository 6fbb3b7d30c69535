import { DEMO_SADDLES } from '@fulcra/demo';
import { v7 } from 'uuid';
import { DECISION, HORSE, TAKE, demoFitter, startedVisit, visitOf } from './journeys';
import { type Running, type Visitor, startServer } from './running-server';

let running: Running;
let fitter: Visitor;
beforeAll(async () => {
  running = await startServer();
  fitter = await demoFitter(running);
});
afterAll(() => running.stop());

describe('a visit', () => {
  it('comes back as it was made', async () => {
    const ids = await startedVisit(fitter);
    const { body } = await fitter.send('GET', `/api/visits/${ids.visitId}`);
    expect(body.horse).toEqual({ id: ids.horseId, ...HORSE });
    expect(body.visit).toMatchObject({ id: ids.visitId, ...visitOf(ids.horseId), fitter: 'Isla Venn' });
    expect(body.takes).toEqual([{ id: ids.takeId, visitId: ids.visitId, ...TAKE, hand: 'Isla Venn', withdrawn: false }]);
  });

  it('every write may be sent again without doing anything twice', async () => {
    const ids = await startedVisit(fitter);
    const again = await fitter.send('PUT', `/api/visits/${ids.visitId}/takes/${ids.takeId}`, TAKE);
    await fitter.send('PUT', `/api/horses/${ids.horseId}`, HORSE);
    expect(again.status).toBe(200);
    expect((await fitter.send('GET', `/api/visits/${ids.visitId}`)).body.takes).toHaveLength(1);
  });

  it('a take is never altered, only withdrawn and brought back', async () => {
    const ids = await startedVisit(fitter);
    const path = `/api/visits/${ids.visitId}/takes/${ids.takeId}`;
    expect((await fitter.send('PUT', path, { ...TAKE, takenAtMm: 45 })).body.error.code).toBe('TAKE_IMMUTABLE');
    expect((await fitter.send('PUT', `${path}/withdrawn`, { withdrawn: true })).body.withdrawn).toBe(true);
    expect((await fitter.send('PUT', `${path}/withdrawn`, { withdrawn: false })).body.withdrawn).toBe(false);
  });

  it('takes five takes and says so at the sixth', async () => {
    const ids = await startedVisit(fitter);
    const add = () => fitter.send('PUT', `/api/visits/${ids.visitId}/takes/${v7()}`, TAKE);
    for (let i = 0; i < 4; i++) expect((await add()).status).toBe(200);
    expect((await add()).body.error.code).toBe('TAKES_FULL');
  });

  it('a decision shows in the horse’s history and is drawn in the yard list', async () => {
    const ids = await startedVisit(fitter);
    const saddleId = DEMO_SADDLES[0]!.id;
    expect((await fitter.send('PUT', `/api/visits/${ids.visitId}/decisions/${v7()}`, { ...DECISION, saddleId })).status).toBe(200);
    const history = (await fitter.send('GET', `/api/horses/${ids.horseId}`)).body;
    expect(history.visits[0].decision).toMatchObject({ ...DECISION, saddleId, fitter: 'Isla Venn' });
    const yard = (await fitter.send('GET', '/api/horses')).body.horses;
    expect(yard.find((h: { horse: { id: string } }) => h.horse.id === ids.horseId)).toMatchObject({
      openVisitId: ids.visitId,
      lastVisitOn: '2026-11-20',
      outline: DECISION.section,
    });
  });

  it('a saddle that is not in the stock is refused', async () => {
    const ids = await startedVisit(fitter);
    const reply = await fitter.send('PUT', `/api/visits/${ids.visitId}/decisions/${v7()}`, { ...DECISION, saddleId: v7() });
    expect(reply.body.error.code).toBe('SADDLE_UNKNOWN');
  });
});
