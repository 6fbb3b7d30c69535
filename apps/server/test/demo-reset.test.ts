import { demoScenario } from '@fulcra/demo';
import { demoFitter, startedVisit } from './journeys';
import { type Running, type Visitor, otherPractice, startServer } from './running-server';

let running: Running;
afterEach(() => running.stop());

const count = async (table: string): Promise<number> => Number((await running.db.query(`SELECT COUNT(*) AS n FROM ${table}`))[0].n);

async function elsewhere(): Promise<Visitor> {
  const { email, password } = await otherPractice(running.db);
  const visitor = running.visitor();
  await visitor.signIn(email, password);
  return visitor;
}

describe('the demo begun anew', () => {
  it('stands as at its beginning; the session goes on, and another practice keeps what it has', async () => {
    running = await startServer();
    const fitter = await demoFitter(running);
    const other = await elsewhere();
    const theirs = await startedVisit(other);
    const before = await Promise.all(['horse', 'visit', 'section_take', 'visit_fact', 'decision', 'saddle'].map(count));
    const mine = await startedVisit(fitter);
    await fitter.send('PUT', `/api/bin/${mine.horseId}`, {
      kind: 'horse',
      name: 'x',
      at: '2026-11-20T09:00:00.000Z',
      by: 'x',
      restored: false,
    });
    const [horse] = demoScenario().horses;
    await fitter.send('PUT', `/api/horses/${horse!.id}`, { ...horse!.horse, name: 'Changed', was: horse!.horse });
    expect((await fitter.send('POST', '/api/demo/reset')).status).toBe(204);
    expect(await Promise.all(['horse', 'visit', 'section_take', 'visit_fact', 'decision', 'saddle'].map(count))).toEqual(before);
    expect(await count('binned')).toBe(0);
    expect((await fitter.send('GET', `/api/horses/${horse!.id}`)).body.horse.name).toBe(horse!.horse.name);
    expect((await other.send('GET', `/api/visits/${theirs.visitId}`)).status).toBe(200);
  }, 120_000);

  it('is for the demo’s own people only, and nowhere where there is no demo', async () => {
    running = await startServer();
    const other = await elsewhere();
    const { horseId } = await startedVisit(other);
    expect((await other.send('POST', '/api/demo/reset')).status).toBe(404);
    expect((await other.send('GET', `/api/horses/${horseId}`)).status).toBe(200);
    expect((await running.visitor().send('POST', '/api/demo/reset')).status).toBe(401);
    await running.stop();
    running = await startServer({ demo: false });
    const fitter = await demoFitter(running);
    expect((await fitter.send('POST', '/api/demo/reset')).status).toBe(404);
    expect((await fitter.send('GET', '/api/session')).body.demo).toBe(false);
  });
});
