import { v7 } from 'uuid';
import { HORSE, TAKE, demoFitter } from './journeys';
import { type Running, type Visitor, startServer } from './running-server';
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

describe('a fall', () => {
  const say = (token: string, what: string[], id = v7()) =>
    running.visitor().send('PUT', `/api/shared/${token}/words/${id}`, { body: { kind: 'changed', what, note: '' } });
  const TREE = ['treeArch', 'treeTwist', 'treeSeat'].map((point) => ({ point, side: null, finding: 'sound', note: '' }));
  const walk = (saddleId: string, answers: readonly string[]) =>
    fitter.send('PUT', `/api/tack-checks/${v7()}`, {
      ...{ itemKind: 'saddle', itemId: saddleId, madeAt: new Date().toISOString(), hand: 'Isla Venn', source: 'practice', round: 'full' },
      ...{ found: TREE, mended: null, fall: null, answers, withdrawn: false },
    });
  const fallOf = async (saddleId: string): Promise<string[]> =>
    (await fitter.send('GET', '/api/tack-checks')).body
      .filter((c: { itemId: string; fall: object | null }) => c.itemId === saddleId && c.fall !== null)
      .map((c: { id: string }) => c.id);

  it('told by the owner holds the tree from then on, whatever visit comes between, until a walk that knows of it', async () => {
    const { horseId, saddleId, token } = await work.settled('Alder');
    const wordId = v7();
    expect((await say(token, ['fell'], wordId)).status).toBe(200);
    expect((await say(token, ['fell'], wordId)).status).toBe(200);
    const [fall, ...more] = await fallOf(saddleId);
    expect(more).toEqual([]);
    const report = async () => (await work.shared(token)).report;
    expect((await report()).tack).toEqual([expect.objectContaining({ id: saddleId, state: 'unsafe', fell: true, holds: [] })]);
    expect((await report()).visit.ride).toMatchObject({ stands: 'notGoodToRide', takenBack: [{ code: 'TREE_AFTER_FALL' }] });
    expect(await work.due(horseId)).toMatchObject({ reason: 'fall', atOnce: true });
    const next = await work.newVisit(horseId, '2026-12-01');
    await work.put(`/api/visits/${next}/takes/${v7()}`, TAKE);
    expect(codeOf(await work.change(next, { result: 'goodToRide' }))).toBe('TREE_AFTER_FALL');
    // a walk by a device that hadn't heard of it clears nothing
    expect((await walk(saddleId, [])).status).toBe(200);
    expect(codeOf(await work.change(next, { result: 'goodToRide' }))).toBe('TREE_AFTER_FALL');
    expect((await walk(saddleId, [fall!])).status).toBe(200);
    expect(codeOf(await work.change(next, { result: 'goodToRide' }))).toBeNull();
    expect((await work.due(horseId)).reason).not.toBe('fall');
    // the next fall holds anew
    await say(token, ['fell', 'rubs']);
    expect(await work.due(horseId)).toMatchObject({ reason: 'fall' });
  });

  it('can’t be withdrawn, and a walk can’t name another saddle’s', async () => {
    const [one, two] = [await work.settled('Birch'), await work.settled('Rowan')];
    await say(one.token, ['fell']);
    const [fall] = await fallOf(one.saddleId);
    expect(codeOf(await walk(two.saddleId, [fall!]))).toBe('TACK_FALL_UNKNOWN');
    const { id, ...was } = (await fitter.send('GET', '/api/tack-checks')).body.find((c: { id: string }) => c.id === fall);
    expect(codeOf(await fitter.send('PUT', `/api/tack-checks/${id}`, { ...was, withdrawn: true, was }))).toBe('TACK_HOLD_STANDS');
  });

  it('in no known saddle is said all the same, until somebody of the practice accepts it', async () => {
    const horseId = v7();
    await work.put(`/api/horses/${horseId}`, { ...HORSE, name: 'Aspen' });
    const visitId = await work.newVisit(horseId, '2026-09-01');
    await work.put(`/api/visits/${visitId}/takes/${v7()}`, TAKE);
    await work.change(visitId, { result: 'goodToRide', status: 'done' });
    const [token, wordId] = [await work.linkTo(horseId), v7()];
    await say(token, ['fell'], wordId);
    expect((await work.shared(token)).report.visit.ride.takenBack).toEqual([{ code: 'FELL' }]);
    expect(await work.due(horseId)).toMatchObject({ reason: 'fall', atOnce: true });
    const { id, ...was } = (await fitter.send('GET', '/api/owner-words')).body.find((w: { id: string }) => w.id === wordId);
    await work.put(`/api/owner-words/${id}`, { ...was, takenUp: { by: 'Isla Venn', at: '2026-12-01T09:00:00.000Z', visitId: null }, was });
    expect((await work.shared(token)).report.visit.ride.stands).toBe('goodToRide');
  });
});

describe('what left a practice', () => {
  it('a horse in the bin, sold or dead is shown by no link and waited for by nobody; here again, it is', async () => {
    const { horseId, token } = await work.settled('Ash');
    const status = async () => (await running.visitor().send('GET', `/api/shared/${token}`)).status;
    await work.changeHorse(horseId, { gone: { how: 'sold', on: '2026-12-01', by: 'Isla Venn' } });
    expect([await status(), await work.due(horseId)]).toEqual([404, undefined]);
    expect((await work.history(horseId)).visits).toHaveLength(1);
    await work.changeHorse(horseId, { gone: null });
    expect([await status(), (await work.due(horseId)).reason]).toEqual([200, expect.any(String)]);
    const binned = { kind: 'horse', name: 'Ash', at: '2026-12-01T09:00:00.000Z', by: 'Isla Venn', restored: false };
    await work.put(`/api/bin/${horseId}`, binned);
    expect(await status()).toBe(404);
  });

  it('a new owner’s link doesn’t show what the one before said', async () => {
    const { horseId, token } = await work.settled('Maple');
    const said = { body: { kind: 'asksVisit', when: 'Friday', note: 'ring my mother' } };
    await running.visitor().send('PUT', `/api/shared/${token}/words/${v7()}`, said);
    expect((await work.shared(token)).words).toHaveLength(1);
    expect((await work.shared(await work.linkTo(horseId, 'Somebody Else'))).words).toEqual([]);
    expect((await fitter.send('GET', '/api/owner-words')).body.some((w: { horseId: string }) => w.horseId === horseId)).toBe(true);
  });

  it('a visit in the bin leaves the story, the report and the calendar of the others standing', async () => {
    const { horseId, saddleId } = await work.settled('Beech');
    const visitId = await work.newVisit(horseId, '2026-11-01');
    const binned = { kind: 'visit', name: 'visit', at: '2026-12-01T09:00:00.000Z', by: 'Isla Venn', restored: false };
    await work.put(`/api/bin/${visitId}`, binned);
    const story = await fitter.send('GET', `/api/horses/${horseId}/story`);
    expect([story.status, story.body.visits.length]).toEqual([200, 1]);
    expect((await fitter.send('GET', `/api/visits/${visitId}/report`)).status).toBe(404);
    expect((await work.row(horseId)).inUse.saddle.saddleId).toBe(saddleId);
  });
});

describe('a report', () => {
  it('of a visit that was opened again is a version of its own, and says which it replaces', async () => {
    const { visitId, token } = await work.settled('Lime');
    const visit = async () => (await work.shared(token)).report.visit;
    expect(await visit()).toMatchObject({ version: 1, replaces: null });
    await work.change(visitId, { status: 'open' });
    await work.change(visitId, { status: 'done' });
    expect(await visit()).toMatchObject({ version: 2, replaces: new Date().toISOString().slice(0, 10) });
  });

  it('says what was complained of once, as it was said last, and what became of it', async () => {
    const { visitId } = await work.settled('Plane');
    await work.change(visitId, { status: 'open' });
    const at = (body: object) => work.put(`/api/visits/${visitId}/facts/${v7()}`, { madeAt: '2026-09-01T09:00:00.000Z', body });
    const complaint = { kind: 'complaint', complaint: 'slidesForward', place: null, side: null, note: '' };
    for (const when of [[], ['trot'], ['trot', 'canter']]) await at({ ...complaint, when });
    await at({ kind: 'complaintAnswered', complaint: 'slidesForward', answer: 'notFound' });
    expect((await fitter.send('GET', `/api/visits/${visitId}/report`)).body.visit.complaints).toEqual([
      { complaint: 'slidesForward', place: null, side: null, when: ['trot', 'canter'], note: '', answer: 'notFound' },
    ]);
  });
});
