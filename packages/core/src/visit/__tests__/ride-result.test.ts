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
const QUESTION: RideQuestion = {
  said: 'goodToRide',
  hold: CLEAR,
  heldTack: [],
  chosen: null,
  overruled: null,
  felt: true,
  ridden: true,
  misses: [],
};
const ON = { refusedSetting: true };
const BY = { triedId: 't', by: 'Isla Venn', reason: 'ridden and watched' };
const REFUSED = { saddleName: 'Breaker', stops: 2 };

describe('what good to ride is said without', () => {
  const caveats = (change: Partial<RideQuestion>) => rideResult({ ...QUESTION, ...change }, ON).caveats;
  it('is told one by one, and only while it stands', () => {
    expect(caveats({})).toEqual([]);
    expect(caveats({ felt: false })).toEqual([{ code: 'NOT_FELT' }]);
    expect(caveats({ ridden: false })).toEqual([{ code: 'NOT_RIDDEN' }]);
    expect(caveats({ misses: ['roll'] })).toEqual([{ code: 'SETTING_MISSES', ids: ['roll'] }]);
    expect(caveats({ felt: false, ridden: false, said: null })).toEqual([]);
    expect(caveats({ felt: false, said: 'notGoodToRide' })).toEqual([]);
    expect(caveats({ felt: false, hold: HELD })).toEqual([]);
  });
});

describe('whether the horse may be ridden', () => {
  it.each([
    ['nothing against it', {}, 'goodToRide', []],
    ['nothing said', { said: null, hold: HELD }, null, []],
    ['said not', { said: 'notGoodToRide', hold: HELD }, 'notGoodToRide', []],
    ['sore', { hold: HELD }, 'notGoodToRide', ['SORE_HOLD']],
    ['sore and cleared', { hold: { ...HELD, state: 'cleared' } }, 'goodToRide', []],
    ['unsafe tack', { heldTack: ['Breaker'] }, 'notGoodToRide', ['TACK_UNSAFE']],
    ['sore and unsafe', { hold: HELD, heldTack: ['Breaker'] }, 'notGoodToRide', ['SORE_HOLD', 'TACK_UNSAFE']],
    ['a refused setting', { chosen: REFUSED }, 'notGoodToRide', ['SETTING_REFUSED']],
    ['a setting that isn’t refused', { chosen: { ...REFUSED, stops: 0 } }, 'goodToRide', []],
    ['a refused setting that somebody stands for', { chosen: REFUSED, overruled: BY }, 'goodToRide', []],
    ['sore, whoever stands for the setting', { hold: HELD, chosen: REFUSED, overruled: BY }, 'notGoodToRide', ['SORE_HOLD']],
    ['unsafe, whoever stands for the setting', { heldTack: ['Breaker'], chosen: REFUSED, overruled: BY }, 'notGoodToRide', ['TACK_UNSAFE']],
  ] as const)('%s', (_, change, stands, codes) => {
    const result = rideResult({ ...QUESTION, ...(change as Partial<RideQuestion>) }, ON);
    expect(result.stands).toBe(stands);
    expect(result.takenBack.map((t) => t.code)).toEqual(codes);
  });

  it('counts places, not signs', () => {
    expect(rideResult({ ...QUESTION, hold: HELD }).takenBack).toEqual([{ code: 'SORE_HOLD', findings: 2 }]);
  });

  it('the clause on refused settings is on, and can be off', () => {
    expect(RIDE_CLAUSES).toEqual({ refusedSetting: true });
    expect(rideResult({ ...QUESTION, chosen: REFUSED }).stands).toBe('notGoodToRide');
    expect(rideResult({ ...QUESTION, chosen: REFUSED }, { refusedSetting: false }).stands).toBe('goodToRide');
  });

  it('what would take it back is told before it is said', () => {
    const { said: _, ...rest } = QUESTION;
    expect(againstRiding(rest)).toEqual([]);
    expect(againstRiding({ ...rest, heldTack: ['Breaker'] })).toEqual([{ code: 'TACK_UNSAFE', name: 'Breaker' }]);
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
      missed: Array.from({ length: stops }, () => ({ id: 'sits' as const, value: 0, stops: true, half: 0 })),
      thumb: { rows: 1, columns: 1, kPa: [0] },
    },
    false,
    id,
  );
const chosen = (triedId: string, withdrawn = false): RecordedFact => fact({ kind: 'chosenSetting', triedId, note: '' }, withdrawn);
const overruled = (triedId: string, withdrawn = false): RecordedFact =>
  fact({ kind: 'refusalOverruled', triedId, by: 'Isla', reason: 'seen' }, withdrawn);

describe('what of a visit bears on it', () => {
  const saddles = [
    { id: 'b', name: 'B' },
    { id: 'c', name: 'C' },
  ];
  const beside = [
    { id: 'p', name: 'Kept', saddleId: null },
    { id: 'q', name: 'On A', saddleId: 'a' },
    { id: 'r', name: 'Elsewhere', saddleId: 'b' },
  ];
  const HELD_TACK = { saddles, beside };
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
    const named = (facts: RecordedFact[]) => rideQuestionOf(facts, 'a', HELD_TACK).heldTack;
    expect(named([])).toEqual(['On A']);
    expect(named([holes('p')])).toEqual(['Kept', 'On A']);
    expect(named([holes('p'), holes('r')])).toEqual(['On A', 'Elsewhere']);
    expect(againstRiding(rideQuestionOf([holes('p')], null, HELD_TACK))).toEqual([{ code: 'TACK_UNSAFE', name: 'Kept' }]);
  });

  it('the saddle chosen last; the one decided on only where none is chosen', () => {
    const facts = [tried('t1', 'a'), tried('t2', 'b'), chosen('t2'), chosen('t1')];
    expect(rideQuestionOf(facts, 'c', HELD_TACK).heldTack).toEqual(['On A']);
    expect(saddlesOfVisit(facts, 'c')).toEqual(['a']);
    expect(saddlesOfVisit([], 'c')).toEqual(['c']);
    expect(saddlesOfVisit(facts, 'a')).toEqual(['a']);
    expect(saddlesOfVisit([], null)).toEqual([]);
  });

  it('a withdrawn choice counts no more: the one before it does', () => {
    const facts = [tried('t1', 'c'), tried('t2', 'b'), chosen('t1'), chosen('t2', true)];
    expect(rideQuestionOf(facts, null, HELD_TACK).heldTack).toEqual(['C']);
  });

  it('nothing chosen: only what was decided on bears on it', () => {
    expect(rideQuestionOf([tried('t1', 'b', 3)], 'c', HELD_TACK)).toMatchObject({ heldTack: ['C'], chosen: null, overruled: null });
    expect(rideQuestionOf([overruled('t1')], null, HELD_TACK)).toMatchObject({ heldTack: [], chosen: null, overruled: null });
  });

  it('the stops of the chosen setting are counted, its other misses are not', () => {
    const some = tried('t1', 'a', 2);
    const body = some.body as Extract<RecordedBody, { kind: 'triedSetting' }>;
    const mixed = { ...some, body: { ...body, missed: [...body.missed, { id: 'roll' as const, value: 3, stops: false }] } };
    expect(rideQuestionOf([mixed, chosen('t1')], null, HELD_TACK).chosen).toEqual({ saddleName: 'a', stops: 2 });
  });

  it('a stop that was judged before errors were known may have been the hand’s: it doesn’t count', () => {
    const old = tried('t1', 'a', 1);
    const body = old.body as Extract<RecordedBody, { kind: 'triedSetting' }>;
    const before = { ...old, body: { ...body, missed: body.missed.map(({ id, value, stops }) => ({ id, value, stops })) } };
    expect(rideQuestionOf([before, chosen('t1')], null, HELD_TACK).chosen).toEqual({ saddleName: 'a', stops: 0 });
  });

  it('a choice whose setting was withdrawn chooses nothing', () => {
    const gone = { ...tried('t1', 'a', 1), withdrawn: true };
    expect(rideQuestionOf([gone, chosen('t1')], null, HELD_TACK)).toMatchObject({ heldTack: [], chosen: null });
  });

  it('who stands for a setting stands for that one only, and only while they do', () => {
    const base = [tried('t1', 'a', 1), chosen('t1')];
    expect(rideQuestionOf([...base, overruled('t1')], null, HELD_TACK)).toMatchObject({ chosen: { stops: 1 }, overruled: { by: 'Isla' } });
    expect(rideQuestionOf([...base, overruled('t2')], null, HELD_TACK).overruled).toBeNull();
    expect(rideQuestionOf([...base, overruled('t1', true)], null, HELD_TACK).overruled).toBeNull();
  });
});
