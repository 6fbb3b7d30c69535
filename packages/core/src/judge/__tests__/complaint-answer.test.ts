import { COMPLAINTS } from '../../intake';
import { type FaultForecast } from '../../shape';
import { type Ridden, type StrideTold, type Towards } from '../../sit';
import { type InputChange, STATIC, madeInput, pose } from './made-input';
import { COMPLAINT_RULES, complaintAnswer, judgeSitting } from '..';

const forward = { fault: 'forward', score: 3, likelihood: 'likely', for: [], against: [], remedies: [] } as FaultForecast;
const stride = (gait: StrideTold['gait'], word: StrideTold['word'], towards: Towards | null, creepMm: number | null) =>
  ({ gait, word, towards, creepMm }) as StrideTold;
const ridden = (...strides: StrideTold[]): Ridden => ({
  push: null,
  rollShapeNmPerDeg: null,
  strides: Object.fromEntries(strides.map((s) => [s.gait, s])),
});
const STAYS = ridden(stride('walk', 'stays', null, 0.1), stride('canterNear', 'stays', null, 0.2));
const RUNS = ridden(stride('walk', 'stays', null, 0.1), stride('canterNear', 'works', 'head', 1.4));

const answer = (
  complaint: (typeof COMPLAINTS)[number],
  change: InputChange,
  more: { ridden?: Ridden | null; side?: 'near' | 'off' } = {},
) =>
  complaintAnswer({
    complaint,
    side: more.side ?? null,
    verdict: judgeSitting(madeInput({ pulls: [{ leanDeg: 0 }], ...change }), STATIC),
    ridden: more.ridden ?? null,
    forecasts: [forward],
  });
const firsts = (of: ReturnType<typeof answer>) => of.first.map((f) => f.code);

describe('a complaint is answered', () => {
  it.each(COMPLAINTS.map((c) => [c]))('%s has a rule with something to look at', (complaint) => {
    expect(COMPLAINT_RULES[complaint].rows.length).toBeGreaterThan(0);
  });

  it('found by the numbers, in the gait in which it shows, beside what the shape forecast', () => {
    const found = answer('slidesForward', { pulls: [{ leanDeg: 14 }] }, { ridden: RUNS });
    expect(found.state).toBe('found');
    expect(found.rows.map((r) => r.id)).toEqual(['strapLean']);
    expect(found.gaits.filter((g) => g.bearsOut)).toEqual([
      { gait: 'canterNear', word: 'works', towards: 'head', creepMm: 1.4, bearsOut: true },
    ]);
    expect(found.byShape).toBe(forward);
    expect(firsts(found)).toEqual(['adjust']);
  });

  it('numbers that point to it are open, not found, where not one gait shows it', () => {
    expect(answer('slidesForward', { pulls: [{ leanDeg: 14 }] }, { ridden: STAYS }).state).toBe('open');
    expect(answer('slidesForward', { pulls: [{ leanDeg: 14 }] }).state).toBe('found');
    const back = ridden(stride('walk', 'works', 'tail', 1.4));
    expect(answer('slidesForward', { pulls: [{ leanDeg: 14 }] }, { ridden: back }).state).toBe('open');
  });

  it('a strap that leans the other way is no reason', () =>
    expect(answer('slidesForward', { pulls: [{ leanDeg: -14 }] }, { ridden: STAYS }).state).toBe('notFound'));
  it('nor one within the error of the hand', () => {
    const verdict = judgeSitting(madeInput({ pulls: [{ leanDeg: 9 }] }), STATIC, { strapLean: { half: 3, mostly: null } });
    expect(complaintAnswer({ complaint: 'slidesForward', side: null, verdict, ridden: STAYS, forecasts: [] }).rows).toEqual([]);
  });
  it('not ridden yet it is open, and says so first', () => {
    const open = answer('slidesForward', {});
    expect([open.state, firsts(open)]).toEqual(['open', ['rideIt']]);
  });
  it('not measured it is open, and says what to measure', () => {
    const open = answer('slidesForward', { grooveMm: null }, { ridden: STAYS });
    expect([open.state, firsts(open)]).toEqual(['open', ['measure']]);
  });
  it('asked and clear: leave it', () => {
    const clear = answer('slidesForward', {}, { ridden: STAYS });
    expect([clear.state, firsts(clear)]).toEqual(['notFound', ['leaveIt']]);
  });
  it('to the side that was complained of, not to the other', () => {
    const toOff = ridden(stride('walk', 'works', 'off', 0.8));
    expect(answer('slidesToSide', {}, { ridden: toOff, side: 'off' }).state).toBe('found');
    expect(answer('slidesToSide', {}, { ridden: toOff, side: 'near' }).state).toBe('notFound');
  });
  it('what may be pain goes to the vet before anything, found or not', () => {
    expect(firsts(answer('bucks', {}))[0]).toBe('vet');
    expect(firsts(answer('bucks', { places: { panelBeforeRibMm: -40 } }))).toEqual(['vet', 'anotherSaddle']);
  });
  it('a chair seat with a level saddle sends to the rider; one that tips back is adjusted', () => {
    expect(firsts(answer('chairSeat', {}))).toEqual(['lookAtRider']);
    expect(firsts(answer('chairSeat', { settled: pose(4) }))).toEqual(['adjust']);
  });
});
