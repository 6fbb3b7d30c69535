import { v7 } from 'uuid';
import { TAKE, demoFitter, startedVisit } from './journeys';
import { type Running, type Visitor, startServer } from './running-server';

let running: Running;
let fitter: Visitor;
beforeAll(async () => {
  running = await startServer();
  fitter = await demoFitter(running);
});
afterAll(() => running.stop());

const FACT = { madeAt: '2026-11-20T09:00:00.000Z', body: { kind: 'cautionsShown' } };

describe('many small writes at once', () => {
  it('are answered one by one, in order; one that is refused spoils no other', async () => {
    const { visitId } = await startedVisit(fitter, []);
    const [takeId, factId] = [v7(), v7()];
    const writes = [
      { kind: 'take', visitId, takeId, body: TAKE },
      { kind: 'take', visitId, takeId: v7(), body: { ...TAKE, reading: { kind: 'widths', widths: [] } } },
      { kind: 'take', visitId, takeId: v7(), body: { station: 'nowhere' } },
      { kind: 'fact', visitId, factId, body: FACT },
      { kind: 'take', visitId, takeId, body: { ...TAKE, takenAtMm: 45 } },
      { kind: 'fact', visitId, factId: 'not an id', body: FACT },
      { kind: 'withdrawal', visitId, takeId, body: { withdrawn: true } },
    ];
    const { status, body } = await fitter.send('POST', '/api/writes', { writes });
    expect(status).toBe(200);
    const said = body.results.map((r: { ok: boolean; status: number; error: { code: string } }) =>
      r.ok ? 'ok' : [r.status, r.error.code],
    );
    expect(said).toEqual([
      'ok',
      [422, 'SECTION_REFUSED'],
      [400, 'INPUT_INVALID'],
      'ok',
      [409, 'TAKE_IMMUTABLE'],
      [400, 'INPUT_INVALID'],
      'ok',
    ]);
    const page = (await fitter.send('GET', `/api/visits/${visitId}`)).body;
    expect(page.takes).toMatchObject([{ id: takeId, withdrawn: true }]);
    expect(page.facts).toMatchObject([{ id: factId }]);
  });

  it('sent again do nothing twice', async () => {
    const { visitId } = await startedVisit(fitter, []);
    const writes = Array.from({ length: 60 }, () => ({ kind: 'fact', visitId, factId: v7(), body: FACT }));
    for (let i = 0; i < 2; i++) {
      const { body } = await fitter.send('POST', '/api/writes', { writes });
      expect(body.results.every((r: { ok: boolean }) => r.ok)).toBe(true);
    }
    expect((await fitter.send('GET', `/api/visits/${visitId}`)).body.facts).toHaveLength(60);
  });

  it('what may clash or carries a picture comes alone, and a hundred is the most', async () => {
    const one = { kind: 'fact', visitId: v7(), factId: v7(), body: FACT };
    expect((await fitter.send('POST', '/api/writes', { writes: [{ kind: 'horse', horseId: v7(), body: {} }] })).status).toBe(400);
    expect((await fitter.send('POST', '/api/writes', { writes: Array.from({ length: 101 }, () => one) })).status).toBe(400);
    expect((await fitter.send('POST', '/api/writes', { writes: [] })).status).toBe(400);
  });
});
