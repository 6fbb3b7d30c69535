import { DEMO_SADDLES } from '@fulcra/demo';
import { v7 } from 'uuid';
import { DECISION, HORSE, TAKE, visitOf } from './journeys';
import { type Running, type Visitor } from './running-server';

const { id: _, ...SADDLE } = DEMO_SADDLES[0]!;
export const codeOf = (reply: { readonly body: { readonly error?: { readonly code: string } } }): string | null =>
  reply.body.error?.code ?? null;

/** A fitter at work with horses of her own, and what everybody else then reads. */
export function workOf(running: Running, fitter: Visitor) {
  const put = async (path: string, body: object) => {
    const reply = await fitter.send('PUT', path, body);
    expect([path, codeOf(reply)]).toEqual([path, null]);
    return reply;
  };
  const newSaddle = async (name: string): Promise<string> => {
    const id = v7();
    await put(`/api/saddles/${id}`, { ...SADDLE, name });
    return id;
  };
  const newVisit = async (horseId: string, startedOn: string): Promise<string> => {
    const id = v7();
    await put(`/api/visits/${id}`, { ...visitOf(horseId), startedOn });
    return id;
  };
  const change = async (visitId: string, fields: object) => {
    const { id: _id, fitter: _fitter, ...was } = (await fitter.send('GET', `/api/visits/${visitId}`)).body.visit;
    return fitter.send('PUT', `/api/visits/${visitId}`, { ...was, ...fields, was });
  };
  const decide = (visitId: string, saddleId: string | null, more: object = {}) =>
    put(`/api/visits/${visitId}/decisions/${v7()}`, { ...DECISION, saddleId, ...more });
  const linkTo = async (horseId: string, ownerName = 'An Owner') =>
    ((await fitter.send('POST', `/api/horses/${horseId}/links`, { ownerName, days: 30 })).body as { token: string }).token;
  const history = async (horseId: string) => (await fitter.send('GET', `/api/horses/${horseId}`)).body;
  return {
    ...{ put, newSaddle, newVisit, change, decide, linkTo, history },
    shared: async (token: string) => (await running.visitor().send('GET', `/api/shared/${token}`)).body,
    due: async (horseId: string) =>
      (await fitter.send('GET', '/api/due')).body.find((d: { horseId: string }) => d.horseId === horseId) as {
        reason: string;
        atOnce: boolean;
      },
    row: async (horseId: string) =>
      (await fitter.send('GET', '/api/horses?limit=100')).body.horses.find((h: { horse: { id: string } }) => h.horse.id === horseId),
    /** The horse with some of its fields changed. */
    changeHorse: async (horseId: string, fields: object) => {
      const { id: _id, ...was } = (await history(horseId)).horse;
      return fitter.send('PUT', `/api/horses/${horseId}`, { ...was, ...fields, was });
    },
    /** A horse that was measured, decided on in a saddle of its own, called good to ride, and closed. */
    settled: async (name: string) => {
      const horseId = v7();
      await put(`/api/horses/${horseId}`, { ...HORSE, name });
      const saddleId = await newSaddle(`${name}’s own`);
      const visitId = await newVisit(horseId, '2026-09-01');
      await put(`/api/visits/${visitId}/takes/${v7()}`, TAKE);
      await decide(visitId, saddleId);
      expect((await change(visitId, { status: 'done', result: 'goodToRide' })).status).toBe(200);
      return { horseId, saddleId, visitId, token: await linkTo(horseId) };
    },
    emptyVisit: async (horseId: string, on = '2026-10-01') => {
      const id = await newVisit(horseId, on);
      await change(id, { status: 'done' });
      return id;
    },
  };
}
