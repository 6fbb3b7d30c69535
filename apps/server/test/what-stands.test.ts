import { v7 } from 'uuid';
import { DECISION, HORSE, TAKE, demoFitter, tackFound, tackMended, visitOf } from './journeys';
import { type Running, type Visitor, otherPractice, startServer } from './running-server';
import { codeOf, workOf } from './work';

let running: Running;
let fitter: Visitor;
let work: ReturnType<typeof workOf>;
beforeAll(async () => {
  running = await startServer();
  fitter = await demoFitter(running);
  work = workOf(running, fitter);
});
afterAll(() => running.stop());

describe('what a horse is ridden in stands', () => {
  it('an empty visit changes nothing of it: found unsafe, everybody says so', async () => {
    const { horseId, saddleId, token } = await work.settled('Sedge');
    const empty = await work.emptyVisit(horseId);
    const { reply } = await tackFound(fitter, 'saddle', saddleId, [{ point: 'treeArch', side: null }]);
    expect(reply.status).toBe(200);
    const page = await work.shared(token);
    expect(page.report).toMatchObject({ saddle: { name: 'Sedge’s own', since: '2026-09-01', decidedHere: false } });
    expect(page.report.tack).toEqual(expect.arrayContaining([expect.objectContaining({ id: saddleId, state: 'unsafe' })]));
    expect(await work.due(horseId)).toMatchObject({ reason: 'unsafeTack', atOnce: true });
    expect((await work.row(horseId)).inUse.saddle.saddleId).toBe(saddleId);
    expect((await fitter.send('GET', `/api/visits/${empty}`)).body.cameIn.saddle).toMatchObject({ saddleId });
    expect((await fitter.send('GET', `/api/visits/${empty}/report`)).body.saddle.name).toBe('Sedge’s own');
    expect((await fitter.send('GET', `/api/horses/${horseId}/story`)).body.visits.at(-1).saddleName).toBe('Sedge’s own');
    expect((await work.history(horseId)).visits.map((v: { ride: { stands: string | null } }) => v.ride.stands)).toEqual([
      null,
      'notGoodToRide',
    ]);
    await work.change(empty, { status: 'open' });
    await work.put(`/api/visits/${empty}/takes/${v7()}`, TAKE);
    expect(codeOf(await work.change(empty, { result: 'goodToRide' }))).toBe('TACK_UNSAFE');
  });

  it('a person says otherwise, until another decision', async () => {
    const { horseId, saddleId } = await work.settled('Rush');
    const own = await work.newSaddle('Rush’s other');
    const { saddle } = (await work.history(horseId)).inUse;
    const said = { saddleId: own, insteadOf: saddle.decidedBy, by: 'Isla Venn', on: '2026-09-20' };
    await work.changeHorse(horseId, { ridesIn: said });
    expect((await work.row(horseId)).inUse.saddle).toEqual({ saddleId: own, decidedBy: null, visitId: null, since: '2026-09-20' });
    await tackFound(fitter, 'saddle', own, [{ point: 'treeArch', side: null }]);
    expect(await work.due(horseId)).toMatchObject({ reason: 'unsafeTack' });
    const next = await work.newVisit(horseId, '2026-11-01');
    await work.decide(next, saddleId);
    expect((await work.row(horseId)).inUse.saddle.saddleId).toBe(saddleId);
    expect((await work.due(horseId)).reason).not.toBe('unsafeTack');
  });

  it('a saddle of no practice’s can’t be said', async () => {
    const { horseId } = await work.settled('Sallow');
    const ridesIn = { saddleId: v7(), insteadOf: null, by: 'Isla Venn', on: '2026-09-20' };
    expect(codeOf(await work.changeHorse(horseId, { ridesIn }))).toBe('SADDLE_UNKNOWN');
  });

  it('good to ride of a visit at which nothing was done needs a name and a reason, and the owner reads both', async () => {
    const { horseId, token } = await work.settled('Willow');
    const empty = await work.newVisit(horseId, '2026-10-01');
    expect(codeOf(await work.change(empty, { result: 'goodToRide' }))).toBe('NOTHING_DONE');
    const body = { kind: 'saidWithout', by: 'Isla Venn', reason: 'seen on the lunge' };
    await work.put(`/api/visits/${empty}/facts/${v7()}`, { madeAt: '2026-10-01T09:00:00.000Z', body });
    expect((await work.change(empty, { result: 'goodToRide', status: 'done' })).status).toBe(200);
    expect((await work.shared(token)).report.visit.ride).toMatchObject({
      stands: 'goodToRide',
      caveats: expect.arrayContaining([{ code: 'NOTHING_DONE', by: 'Isla Venn', reason: 'seen on the lunge' }]),
    });
  });

  it('a back that was sore and not cleared stays so over an empty visit; felt again without a find, it is clear', async () => {
    const { horseId, visitId } = await work.settled('Osier');
    await work.change(visitId, { status: 'open' });
    const felt = (reaction: string) => ({ kind: 'feel', spots: [{ place: 'loin', side: 'near' }], pass: 'light', reaction, signs: [] });
    const at = (body: object) => ({ madeAt: '2026-09-01T09:00:00.000Z', body });
    await work.put(`/api/visits/${visitId}/facts/${v7()}`, at(felt('guard')));
    await work.change(visitId, { status: 'done' });
    const next = await work.newVisit(horseId, '2026-10-01');
    await work.put(`/api/visits/${next}/takes/${v7()}`, TAKE);
    expect(codeOf(await work.change(next, { result: 'goodToRide' }))).toBe('VISIT_HELD');
    expect(await work.due(horseId)).toMatchObject({ reason: 'pain', atOnce: true });
    await work.put(`/api/visits/${next}/facts/${v7()}`, at(felt('none')));
    expect(codeOf(await work.change(next, { result: 'goodToRide' }))).toBeNull();
    expect((await work.due(horseId)).reason).not.toBe('pain');
  });
});

describe('one order everywhere', () => {
  it('the decision the server took last stands, whatever the devices’ clocks said: report, template, yard and history agree', async () => {
    const { horseId, token } = await work.settled('Hazel');
    const visitId = await work.newVisit(horseId, '2026-11-01');
    const [fast, right] = [await work.newSaddle('Fast clock'), await work.newSaddle('Right clock')];
    await work.decide(visitId, fast, { decidedAt: '2031-01-01T00:00:00.000Z', includedAngleDeg: 80 });
    await work.decide(visitId, right, { decidedAt: '2026-11-01T10:00:00.000Z', includedAngleDeg: 95 });
    await work.change(visitId, { status: 'done' });
    const page = (await fitter.send('GET', `/api/visits/${visitId}`)).body;
    expect(page.decision).toMatchObject({ saddleId: right, includedAngleDeg: 95 });
    expect(page.superseded.map((d: { saddleId: string }) => d.saddleId)).toEqual([fast]);
    expect((await work.shared(token)).report).toMatchObject({ decision: { includedAngleDeg: 95 }, saddle: { name: 'Right clock' } });
    expect((await work.row(horseId)).inUse.saddle.saddleId).toBe(right);
    expect((await work.history(horseId)).visits[0].decision.saddleId).toBe(right);
  });

  it('a record of the past, entered now, doesn’t become what stands', async () => {
    const { horseId, saddleId } = await work.settled('Elder');
    const past = await work.newVisit(horseId, '2019-05-01');
    await work.decide(past, await work.newSaddle('Of old'));
    expect((await work.row(horseId)).inUse.saddle.saddleId).toBe(saddleId);
    expect((await work.history(horseId)).inUse.saddle.saddleId).toBe(saddleId);
  });

  it('numbers of two practices don’t mix, and many at once take each number once', async () => {
    const { horseId } = await work.settled('Holly');
    const visitId = await work.newVisit(horseId, '2026-11-01');
    await Promise.all(Array.from({ length: 20 }, () => work.decide(visitId, null)));
    const rows: { seq: string }[] = await running.db.query('SELECT seq FROM decision WHERE visit_id = ? ORDER BY seq', [visitId]);
    const numbers = rows.map((r) => Number(r.seq));
    expect(new Set(numbers).size).toBe(20);
    const [counter] = await running.db.query(
      "SELECT last FROM practice_counter c JOIN practice p ON p.id = c.practice_id WHERE p.name <> 'Elsewhere'",
    );
    expect(Number(counter.last)).toBeGreaterThanOrEqual(Math.max(...numbers));
    const other = running.visitor();
    const account = await otherPractice(running.db);
    await other.signIn(account.email, account.password);
    const [horse, visit] = [v7(), v7()];
    await other.send('PUT', `/api/horses/${horse}`, HORSE);
    await other.send('PUT', `/api/visits/${visit}`, visitOf(horse));
    expect((await other.send('PUT', `/api/visits/${visit}/decisions/${v7()}`, DECISION)).body.order).toBeLessThan(10);
  });
});

describe('an own school', () => {
  it('that isn’t known takes no list down: the calendar, the story and the report say the rest', async () => {
    const { horseId, saddleId, token } = await work.settled('Yew');
    const visitId = await work.newVisit(horseId, '2026-11-01');
    await work.put(`/api/visits/${visitId}/takes/${v7()}`, TAKE);
    const schoolId = `own-${v7()}`;
    await work.decide(visitId, saddleId, { schoolId });
    expect((await work.change(visitId, { schoolId, status: 'done' })).status).toBe(200);
    expect((await fitter.send('GET', '/api/due')).status).toBe(200);
    expect(await work.due(horseId)).toMatchObject({ schoolKnown: false, forecast: null });
    expect((await fitter.send('GET', `/api/horses/${horseId}/story`)).status).toBe(200);
    expect((await fitter.send('GET', `/api/visits/${visitId}/report`)).status).toBe(200);
    expect((await running.visitor().send('GET', `/api/shared/${token}`)).status).toBe(200);
    const asked = { visitId, schoolId, rider: null, strapPullN: 60 };
    expect(codeOf(await fitter.send('POST', '/api/rankings', asked))).toBe('SCHOOL_UNKNOWN');
  });
});

it('mended tack lets the earlier result stand again', async () => {
  const { horseId, saddleId, token } = await work.settled('Pine');
  const { id } = await tackFound(fitter, 'saddle', saddleId, [{ point: 'treeArch', side: null }]);
  await work.emptyVisit(horseId);
  await tackMended(fitter, 'saddle', saddleId, id, [{ point: 'treeArch', side: null }]);
  expect((await work.shared(token)).report.tack[0].state).not.toBe('unsafe');
  expect((await work.history(horseId)).visits.at(-1).ride.stands).toBe('goodToRide');
});
