import { v7 } from 'uuid';
import { NEW_RIDER } from '@fulcra/contract';
import { emptyBin } from '../src/bin/empty-bin';
import { HORSE, TAKE, demoFitter, startedVisit } from './journeys';
import { type Running, type Visitor, startServer } from './running-server';

let running: Running;
let fitter: Visitor;
beforeAll(async () => {
  running = await startServer();
  fitter = await demoFitter(running);
});
afterAll(() => running.stop());

const PUT_IN = { at: '2026-11-20T09:00:00.000Z', by: 'Isla Venn', restored: false };
const put = (id: string, body: object) => fitter.send('PUT', `/api/bin/${id}`, body);
const inYard = async (name: string): Promise<boolean> =>
  (await fitter.send('GET', `/api/horses?search=${encodeURIComponent(name)}`)).body.total > 0;

describe('the bin', () => {
  it('puts a horse out of the yard and of what is due, and brings it back as it was', async () => {
    const { horseId } = await startedVisit(fitter);
    const name = `Away ${horseId}`;
    const kept = { ...HORSE, name };
    expect((await fitter.send('PUT', `/api/horses/${horseId}`, { ...kept, was: HORSE })).status).toBe(200);
    const due = async (): Promise<boolean> =>
      (await fitter.send('GET', '/api/due')).body.some((d: { horseId: string }) => d.horseId === horseId);
    expect([await inYard(name), await due()]).toEqual([true, true]);
    const body = { ...PUT_IN, kind: 'horse', name };
    expect((await put(horseId, body)).status).toBe(200);
    expect([await inYard(name), await due()]).toEqual([false, false]);
    expect((await fitter.send('GET', `/api/horses/${horseId}`)).body.horse).toMatchObject(kept);
    expect((await put(horseId, { ...body, restored: true, was: body })).status).toBe(200);
    expect([await inYard(name), await due()]).toEqual([true, true]);
    expect((await fitter.send('GET', '/api/bin')).body).toContainEqual({ ...body, restored: true, id: horseId });
  });

  it('puts a visit out of the horse’s page and of its tracings, and the horse is under way no longer', async () => {
    const { horseId, visitId } = await startedVisit(fitter);
    const visits = async (): Promise<string[]> =>
      (await fitter.send('GET', `/api/horses/${horseId}`)).body.visits.map((v: { visit: { id: string } }) => v.visit.id);
    const open = async (): Promise<unknown> => {
      const { body } = await fitter.send('GET', '/api/horses?limit=100');
      const all = [...body.underWay, ...body.horses] as { horse: { id: string }; openVisitId: string | null }[];
      return all.find((s) => s.horse.id === horseId)!.openVisitId;
    };
    expect([await visits(), await open()]).toEqual([[visitId], visitId]);
    await put(visitId, { ...PUT_IN, kind: 'visit', name: 'Visit of today' });
    expect([await visits(), await open()]).toEqual([[], null]);
    expect((await fitter.send('GET', `/api/horses/${horseId}/tracings`)).body).toEqual([]);
    expect((await fitter.send('GET', `/api/visits/${visitId}`)).status).toBe(200);
  });

  it('holds no visit that an order could be checked again at', async () => {
    const { horseId, visitId } = await startedVisit(fitter);
    const contactId = v7();
    const contact = { name: 'Bench', email: 'bench@yard.example', phone: '', remind: false, note: '' };
    expect((await fitter.send('PUT', `/api/contacts/${contactId}`, contact)).status).toBe(200);
    const step = (state: string, more = {}) => ({ state, at: '2026-11-20T09:00:00.000Z', by: 'Isla Venn', ...more });
    const facts = { visitId: null, saddleId: null, contactId, title: 'Take out 6 mm', lines: [], dueOn: null, note: '' };
    const at = (history: object[], state: string) => ({ ...facts, horseId, state, history });
    const back = at([step('draft'), step('sent'), step('inWork'), step('back')], 'back');
    const orderId = v7();
    expect((await fitter.send('PUT', `/api/orders/${orderId}`, back)).status).toBe(200);
    const checked = at([...back.history, step('recheckedOnHorse', { visitId })], 'recheckedOnHorse');
    const check = async () => (await fitter.send('PUT', `/api/orders/${orderId}`, { ...checked, was: back })).body;
    const binned = { ...PUT_IN, kind: 'visit', name: 'Visit of today' };
    await put(visitId, binned);
    expect(await check()).toMatchObject({ error: { code: 'ORDER_NOT_AT_VISIT' } });
    await put(visitId, { ...binned, restored: true, was: binned });
    expect(await check()).toMatchObject({ state: 'recheckedOnHorse' });
  });

  it('is emptied of what the server last heard of thirty days ago, with all that goes with it, and of nothing younger', async () => {
    const rows = async (table: string, column: string, id: string): Promise<number> =>
      Number((await running.db.query(`SELECT COUNT(*) AS n FROM ${table} WHERE ${column} = ?`, [id]))[0].n);
    const heard = (id: string, days: number) =>
      running.db.query(`UPDATE binned SET heard_at = NOW(3) - INTERVAL ${days * 24 * 60} MINUTE WHERE id = ?`, [id]);
    const [old, young, back] = await Promise.all([startedVisit(fitter), startedVisit(fitter), startedVisit(fitter)]);
    const riderId = v7();
    await fitter.send('PUT', `/api/riders/${riderId}`, { ...NEW_RIDER, name: 'Rian' });
    const ridden = { ...HORSE, riderIds: [riderId] };
    await fitter.send('PUT', `/api/horses/${young.horseId}`, { ...ridden, was: HORSE });
    await fitter.send('PUT', `/api/visits/${old.visitId}/takes/${v7()}`, TAKE);
    for (const { horseId } of [old, young, back]) await put(horseId, { ...PUT_IN, kind: 'horse', name: 'Old' });
    await put(riderId, { ...PUT_IN, kind: 'rider', name: 'Rian' });
    const body = { ...PUT_IN, kind: 'horse', name: 'Old' };
    await put(back.horseId, { ...body, restored: true, was: body });
    await heard(old.horseId, 30.01);
    await heard(riderId, 31);
    await heard(young.horseId, 29.99);
    await heard(back.horseId, 60);
    await emptyBin(running.db);
    expect(await rows('horse', 'id', old.horseId)).toBe(0);
    expect(await rows('visit', 'horse_id', old.horseId)).toBe(0);
    expect(await rows('section_take', 'visit_id', old.visitId)).toBe(0);
    expect(await rows('binned', 'id', old.horseId)).toBe(0);
    expect(await rows('horse', 'id', young.horseId)).toBe(1);
    expect(await rows('visit', 'id', back.visitId)).toBe(1);
    expect(await rows('rider', 'id', riderId)).toBe(0);
    expect((await fitter.send('GET', `/api/horses/${young.horseId}`)).body.horse.riderIds).toEqual([]);
    // a device that was away since makes none of them anew
    const late = await fitter.send('PUT', `/api/horses/${old.horseId}`, { ...HORSE, was: HORSE });
    expect([late.status, late.body.error.code]).toEqual([410, 'RECORD_PURGED']);
    expect((await fitter.send('PUT', `/api/horses/${old.horseId}`, HORSE)).body.error.code).toBe('RECORD_PURGED');
    expect((await fitter.send('PUT', `/api/riders/${riderId}`, { ...NEW_RIDER, name: 'Rian' })).body.error.code).toBe('RECORD_PURGED');
    expect(await rows('horse', 'id', old.horseId)).toBe(0);
    expect((await fitter.send('PUT', `/api/horses/${young.horseId}`, { ...HORSE, note: 'still here', was: HORSE })).status).toBe(200);
  });

  it('takes nothing that the practice hasn’t, nor under another kind', async () => {
    expect((await put(v7(), { ...PUT_IN, kind: 'horse', name: 'Nobody' })).status).toBe(404);
    const { horseId } = await startedVisit(fitter);
    expect((await put(horseId, { ...PUT_IN, kind: 'rider', name: 'Sorrel' })).status).toBe(404);
    expect((await put(horseId, { ...PUT_IN, kind: 'saddle', name: 'Sorrel' })).status).toBe(400);
  });
});
