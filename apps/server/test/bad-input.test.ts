import { v7 } from 'uuid';
import { DECISION, HORSE, TAKE, demoFitter, startedVisit } from './journeys';
import { type Running, type Visitor, startServer } from './running-server';

let running: Running;
let fitter: Visitor;
let visitId: string;
beforeAll(async () => {
  running = await startServer();
  fitter = await demoFitter(running);
  visitId = (await startedVisit(fitter)).visitId;
});
afterAll(() => running.stop());

const takeWith = (reading: unknown) => fitter.send('PUT', `/api/visits/${visitId}/takes/${v7()}`, { ...TAKE, reading });
const widths = (...rows: [number, number, number][]) => ({
  kind: 'widths',
  widths: rows.map(([depthMm, nearMm, offMm]) => ({ depthMm, nearMm, offMm })),
});
const points = (...rows: [number, number][]) => ({ kind: 'points', points: rows.map(([yMm, zMm]) => ({ yMm, zMm })) });

describe('bad input is refused with the value and the remedy, never a 500', () => {
  it.each([
    ['a zero width', widths([60, 0, 70], [120, 130, 130]), 'WIDTH_NOT_POSITIVE'],
    ['crossing widths', widths([60, 130, 70], [120, 70, 130]), 'WIDTHS_CROSS'],
    ['one depth', widths([60, 70, 70]), 'WIDTHS_TOO_FEW'],
    ['one side', points([0, 0], [20, -10], [60, -50], [100, -90], [150, -150]), 'SECTION_ONE_SIDED'],
    ['metres', points([-0.2, -0.2], [-0.1, -0.1], [0, 0], [0.1, -0.1], [0.2, -0.2]), 'SECTION_TOO_SMALL'],
    ['all one point', points(...Array.from({ length: 9 }, (): [number, number] => [3, 3])), 'SECTION_TOO_SMALL'],
  ])('%s', async (_, reading, code) => {
    const reply = await takeWith(reading);
    expect([reply.status, reply.body.error.code]).toEqual([422, 'SECTION_REFUSED']);
    expect(reply.body.error.problems[0]).toMatchObject({ code, values: expect.any(Object) });
    expect(reply.body.error.remedy.length).toBeGreaterThan(5);
  });

  it.each([
    ['letters', points(['left' as never, -10], [20, -10], [60, -50], [100, -90], [150, -150])],
    ['100 000 points', points(...Array.from({ length: 20_000 }, (_, i): [number, number] => [i, -i]))],
    ['no reading', null],
  ])('%s', async (_, reading) => {
    const reply = await takeWith(reading);
    expect([reply.status, reply.body.error.code]).toEqual([400, 'INPUT_INVALID']);
    expect(reply.body.error.fields[0].path).toMatch(/reading/);
  });

  it.each([
    ['an empty name', { ...HORSE, name: '   ' }],
    ['an invisible name', { ...HORSE, name: '\u200b\u202e' }],
    ['a control character', { ...HORSE, name: 'Sor\u0000rel' }],
    ['a horse of 10 m', { ...HORSE, heightMm: 10_000 }],
    ['a name of 5000 letters', { ...HORSE, name: 'a'.repeat(5000) }],
  ])('%s', async (_, horse) => {
    const reply = await fitter.send('PUT', `/api/horses/${v7()}`, horse);
    expect([reply.status, reply.body.error.code]).toEqual([400, 'INPUT_INVALID']);
  });

  it.each(['🐴 Zuri', 'سهيل', '馬', "O'Malley; DROP TABLE horse"])('keeps the name %s as it is', async (name) => {
    const reply = await fitter.send('PUT', `/api/horses/${v7()}`, { ...HORSE, name });
    expect([reply.status, reply.body.name]).toEqual([200, name]);
  });

  it('a front of 300 degrees', async () => {
    const reply = await fitter.send('PUT', `/api/visits/${visitId}/decisions/${v7()}`, { ...DECISION, includedAngleDeg: 300 });
    expect([reply.status, reply.body.error.fields[0].path]).toEqual([400, 'includedAngleDeg']);
  });

  it('ten megabytes', async () => {
    const reply = await fitter.send('PUT', `/api/horses/${v7()}`, { ...HORSE, note: 'x'.repeat(10_000_000) });
    expect(reply.body.error.code).toBe('INPUT_TOO_LARGE');
  });

  it('broken JSON, no JSON, a wrong id, an unknown address', async () => {
    const path = `/api/horses/${v7()}`;
    expect((await fitter.send('PUT', path, '{"name": ')).body.error.code).toBe('INPUT_INVALID');
    expect((await fitter.send('PUT', path, 'hello', { 'content-type': 'text/plain' })).body.error.code).toBe('INPUT_INVALID');
    expect((await fitter.send('PUT', path, 'hello', { 'content-type': 'application/xml' })).body.error.code).toBe('INPUT_NOT_JSON');
    expect((await fitter.send('GET', '/api/horses/17')).body.error.code).toBe('INPUT_INVALID');
    expect((await fitter.send('GET', '/api/unicorns')).body.error.code).toBe('NOT_FOUND');
  });
});
