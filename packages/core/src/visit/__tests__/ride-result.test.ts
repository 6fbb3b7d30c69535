import { type SoreHold } from '../../feel';
import { type RideQuestion, RIDE_CLAUSES, againstRiding, rideResult } from '../ride-result';
import { rideQuestionOf, saddlesOfVisit } from '../ride-of-visit';
import { type RecordedBody, type RecordedFact } from '../recorded';

const CLEAR: SoreHold = { state: 'clear', reasons: [], clearances: [] };
const HELD: SoreHold = {
  state: 'held',
  reasons: [
    { code: 'SKIN', feelingId: 'f1', sign: 'heat' },
    { code: 'SKIN', feelingId: 'f1', sign: 'swelling' },
    { code: 'SKIN', feelingId: 'f2', sign: 'heat' },
  ],
  clearances: [],
};
const QUESTION: RideQuestion = { said: 'goodToRide', hold: CLEAR, tack: [], chosen: null, overruled: null };
const ON = { refusedSetting: true };
const BY = { triedId: 't', by: 'Isla Venn', reason: 'ridden and watched' };
const REFUSED = { saddleName: 'Breaker', stops: 2 };
const UNSAFE = { name: 'Breaker', state: 'unsafe' };

describe('whether the horse may be ridden', () => {
  it.each([
    ['nothing against it', {}, 'goodToRide', []],
    ['nothing said', { said: null, hold: HELD }, null, []],
    ['said not', { said: 'notGoodToRide', hold: HELD }, 'notGoodToRide', []],
    ['sore', { hold: HELD }, 'notGoodToRide', ['SORE_HOLD']],
    ['sore and cleared', { hold: { ...HELD, state: 'cleared' } }, 'goodToRide', []],
    ['unsafe tack', { tack: [UNSAFE] }, 'notGoodToRide', ['TACK_UNSAFE']],
    ['tack not checked yet', { tack: [{ name: 'Breaker', state: 'notChecked' }] }, 'goodToRide', []],
    ['sore and unsafe', { hold: HELD, tack: [UNSAFE] }, 'notGoodToRide', ['SORE_HOLD', 'TACK_UNSAFE']],
    ['a refused setting', { chosen: REFUSED }, 'notGoodToRide', ['SETTING_REFUSED']],
    ['a setting that isn’t refused', { chosen: { ...REFUSED, stops: 0 } }, 'goodToRide', []],
    ['a refused setting that somebody stands for', { chosen: REFUSED, overruled: BY }, 'goodToRide', []],
    ['sore, whoever stands for the setting', { hold: HELD, chosen: REFUSED, overruled: BY }, 'notGoodToRide', ['SORE_HOLD']],
    ['unsafe, whoever stands for the setting', { tack: [UNSAFE], chosen: REFUSED, overruled: BY }, 'notGoodToRide', ['TACK_UNSAFE']],
  ] as const)('%s', (_, change, stands, codes) => {
    const result = rideResult({ ...QUESTION, ...(change as Partial<RideQuestion>) }, ON);
    expect(result.stands).toBe(stands);
    expect(result.takenBack.map((t) => t.code)).toEqual(codes);
  });

  it('counts places, not signs', () => {
    expect(rideResult({ ...QUESTION, hold: HELD }).takenBack).toEqual([{ code: 'SORE_HOLD', findings: 2 }]);
  });

  it('the clause on refused settings is off until verdicts carry their uncertainty', () => {
    expect(RIDE_CLAUSES).toEqual({ refusedSetting: false });
    expect(rideResult({ ...QUESTION, chosen: REFUSED }).stands).toBe('goodToRide');
  });

  it('what would take it back is told before it is said', () => {
    const { said: _, ...rest } = QUESTION;
    expect(againstRiding(rest)).toEqual([]);
    expect(againstRiding({ ...rest, tack: [UNSAFE] })).toEqual([{ code: 'TACK_UNSAFE', name: 'Breaker' }]);
  });
});

let count = 0;
const fact = (body: RecordedBody, withdrawn = false, id = `f${count++}`): RecordedFact => ({ id, hand: 'Isla', withdrawn, body });
const tried = (id: string, saddleId: string, stops = 0): RecordedFact =>
  fact(
    {
      kind: 'triedSetting',
      saddleId,
      saddleName: saddleId,
      widthLabel: 'm',
      setup: {} as never,
      rider: null,
      pose: 'resting',
      schoolId: 'static-close',
      schoolVersion: 2,
      coreVersion: '1',
      score: 50,
      missed: Array.from({ length: stops }, () => ({ id: 'sits' as const, value: 0, stops: true })),
      thumb: { rows: 1, columns: 1, kPa: [0] },
    },
    false,
    id,
  );
const chosen = (triedId: string, withdrawn = false): RecordedFact => fact({ kind: 'chosenSetting', triedId, note: '' }, withdrawn);
const overruled = (triedId: string, withdrawn = false): RecordedFact =>
  fact({ kind: 'refusalOverruled', triedId, by: 'Isla', reason: 'seen' }, withdrawn);

describe('what of a visit bears on it', () => {
  const STOCK = [
    { id: 'a', name: 'A', state: 'sound' },
    { id: 'b', name: 'B', state: 'unsafe' },
    { id: 'c', name: 'C', state: 'unsafe' },
  ];
  const PAIRS = [
    { id: 'p', name: 'Kept', state: 'unsafe', saddleId: null },
    { id: 'q', name: 'On A', state: 'unsafe', saddleId: 'a' },
    { id: 'r', name: 'Elsewhere', state: 'unsafe', saddleId: 'b' },
  ];
  const holes = (leatherId: string): RecordedFact =>
    fact({
      kind: 'leatherHoles',
      riderId: 'x',
      leatherId,
      saddleId: null,
      coreVersion: '1',
      lines: [{ purpose: 'general', hangMm: 700, near: 5, off: 5 }],
    });
  it('the leathers that hang on its saddle, and those whose holes were kept last', () => {
    const named = (facts: RecordedFact[]) => rideQuestionOf(facts, 'a', STOCK, PAIRS).tack.map((t) => t.name);
    expect(named([])).toEqual(['A', 'On A']);
    expect(named([holes('p')])).toEqual(['A', 'Kept', 'On A']);
    expect(named([holes('p'), holes('r')])).toEqual(['A', 'On A', 'Elsewhere']);
    expect(againstRiding(rideQuestionOf([holes('p')], null, STOCK, PAIRS))).toEqual([{ code: 'TACK_UNSAFE', name: 'Kept' }]);
  });

  it('the saddle chosen last and the one decided on, no other', () => {
    const facts = [tried('t1', 'a'), tried('t2', 'b'), chosen('t2'), chosen('t1')];
    expect(rideQuestionOf(facts, 'c', STOCK, []).tack.map((s) => s.name)).toEqual(['A', 'C']);
    expect(saddlesOfVisit(facts, 'c')).toEqual(['a', 'c']);
    expect(saddlesOfVisit(facts, 'a')).toEqual(['a']);
    expect(saddlesOfVisit([], null)).toEqual([]);
  });

  it('a withdrawn choice counts no more: the one before it does', () => {
    const facts = [tried('t1', 'a'), tried('t2', 'b'), chosen('t1'), chosen('t2', true)];
    expect(rideQuestionOf(facts, null, STOCK, []).tack.map((s) => s.name)).toEqual(['A']);
  });

  it('nothing chosen: only what was decided on bears on it', () => {
    expect(rideQuestionOf([tried('t1', 'a', 3)], 'c', STOCK, [])).toMatchObject({ tack: [{ name: 'C' }], chosen: null, overruled: null });
    expect(rideQuestionOf([overruled('t1')], null, STOCK, [])).toMatchObject({ tack: [], chosen: null, overruled: null });
  });

  it('the stops of the chosen setting are counted, its other misses are not', () => {
    const some = tried('t1', 'a', 2);
    const body = some.body as Extract<RecordedBody, { kind: 'triedSetting' }>;
    const mixed = { ...some, body: { ...body, missed: [...body.missed, { id: 'roll' as const, value: 3, stops: false }] } };
    expect(rideQuestionOf([mixed, chosen('t1')], null, STOCK, []).chosen).toEqual({ saddleName: 'a', stops: 2 });
  });

  it('a choice whose setting was withdrawn chooses nothing', () => {
    const gone = { ...tried('t1', 'a', 1), withdrawn: true };
    expect(rideQuestionOf([gone, chosen('t1')], null, STOCK, [])).toMatchObject({ tack: [], chosen: null });
  });

  it('who stands for a setting stands for that one only, and only while they do', () => {
    const base = [tried('t1', 'a', 1), chosen('t1')];
    expect(rideQuestionOf([...base, overruled('t1')], null, STOCK, [])).toMatchObject({ chosen: { stops: 1 }, overruled: { by: 'Isla' } });
    expect(rideQuestionOf([...base, overruled('t2')], null, STOCK, []).overruled).toBeNull();
    expect(rideQuestionOf([...base, overruled('t1', true)], null, STOCK, []).overruled).toBeNull();
  });
});
