import { type SoreHold } from '../../feel';
import { type RideQuestion, RIDE_CLAUSES, againstRiding, rideResult } from '../ride-result';
import { type RiddenVisit, rideQuestionOf } from '../ride-of-visit';
import { type SaidVisit, feltBefore, rideQuestionAt, ridesOfHorse } from '../rides-of-horse';
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
  fell: false,
  done: true,
  saidWithout: null,
};
const BREAKER = { id: 'b', name: 'Breaker', why: 'unsafe' } as const;
const FALLEN = { ...BREAKER, why: 'fall' } as const;
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
    const saidWithout = { by: 'Isla', reason: 'seen' };
    expect(caveats({ done: false, saidWithout })).toEqual([{ code: 'NOTHING_DONE', ...saidWithout }]);
    expect(caveats({ done: true, saidWithout })).toEqual([]);
  });
});

describe('whether the horse may be ridden', () => {
  it.each([
    ['nothing against it', {}, 'goodToRide', []],
    ['nothing said', { said: null, hold: HELD }, null, []],
    ['said not', { said: 'notGoodToRide', hold: HELD }, 'notGoodToRide', []],
    ['sore', { hold: HELD }, 'notGoodToRide', ['SORE_HOLD']],
    ['sore and cleared', { hold: { ...HELD, state: 'cleared' } }, 'goodToRide', []],
    ['unsafe tack', { heldTack: [BREAKER] }, 'notGoodToRide', ['TACK_UNSAFE']],
    ['sore and unsafe', { hold: HELD, heldTack: [BREAKER] }, 'notGoodToRide', ['SORE_HOLD', 'TACK_UNSAFE']],
    ['a fall in a known saddle', { heldTack: [FALLEN] }, 'notGoodToRide', ['TREE_AFTER_FALL']],
    ['a fall in no known saddle', { fell: true }, 'notGoodToRide', ['FELL']],
    ['nothing done', { done: false }, 'notGoodToRide', ['NOTHING_DONE']],
    ['nothing done, and a reason by name', { done: false, saidWithout: { by: 'Isla', reason: 'seen' } }, 'goodToRide', []],
    ['a refused setting', { chosen: REFUSED }, 'notGoodToRide', ['SETTING_REFUSED']],
    ['a setting that isn’t refused', { chosen: { ...REFUSED, stops: 0 } }, 'goodToRide', []],
    ['a refused setting that somebody stands for', { chosen: REFUSED, overruled: BY }, 'goodToRide', []],
    ['sore, whoever stands for the setting', { hold: HELD, chosen: REFUSED, overruled: BY }, 'notGoodToRide', ['SORE_HOLD']],
    ['unsafe, whoever stands for the setting', { heldTack: [BREAKER], chosen: REFUSED, overruled: BY }, 'notGoodToRide', ['TACK_UNSAFE']],
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
    expect(againstRiding({ ...rest, heldTack: [BREAKER] })).toEqual([{ code: 'TACK_UNSAFE', name: 'Breaker' }]);
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

const HELD_TACK = [
  { id: 'a', name: 'A', why: 'unsafe' },
  { id: 'b', name: 'B', why: 'fall' },
] as const;
const of = (facts: readonly RecordedFact[], more: Partial<RiddenVisit> = {}) =>
  rideQuestionOf({ facts, measured: true, decided: false, inUse: new Set(), fell: false, feltBefore: [], ...more }, HELD_TACK);
const felt = (reaction: 'none' | 'guard', id?: string): RecordedFact =>
  fact({ kind: 'feel', spots: [{ place: 'loin', side: 'near' }], pass: 'light', reaction, signs: [] }, false, id);
const cleared = (...clears: string[]): RecordedFact => fact({ kind: 'holdCleared', by: 'Dr', reason: 'passed', clears });

describe('what of a visit bears on it', () => {
  it('held tack among what the horse is ridden in, and no other', () => {
    expect(of([], { inUse: new Set(['a', 'x']) }).heldTack.map((h) => h.name)).toEqual(['A']);
    expect(of([], { inUse: new Set(['b', 'a']) }).heldTack).toHaveLength(2);
    expect(of([]).heldTack).toEqual([]);
  });

  it.each([
    ['traced', [], { measured: true }, true],
    ['felt', [felt('none')], { measured: false }, true],
    ['decided', [], { measured: false, decided: true }, true],
    ['chosen', [tried('t1', 'a'), chosen('t1')], { measured: false }, true],
    ['tried only', [tried('t1', 'a')], { measured: false }, false],
    ['nothing', [], { measured: false }, false],
  ] as const)('something was done at it: %s', (_, facts, more, done) => expect(of(facts, more).done).toBe(done));

  it('soreness that was found before counts where no hand was laid on at this one, until it is cleared', () => {
    const sore = felt('guard', 'sore');
    expect(of([], { feltBefore: [sore] }).hold.state).toBe('held');
    expect(of([cleared('sore')], { feltBefore: [sore] }).hold.state).toBe('cleared');
    expect(of([felt('none')], { feltBefore: [sore] }).hold.state).toBe('clear');
  });

  it('nothing chosen: no setting bears on it', () => {
    expect(of([tried('t1', 'b', 3)])).toMatchObject({ chosen: null, overruled: null });
    expect(of([overruled('t1')])).toMatchObject({ chosen: null, overruled: null });
  });

  it('the stops of the chosen setting are counted, its other misses are not', () => {
    const some = tried('t1', 'a', 2);
    const body = some.body as Extract<RecordedBody, { kind: 'triedSetting' }>;
    const mixed = { ...some, body: { ...body, missed: [...body.missed, { id: 'roll' as const, value: 3, stops: false }] } };
    expect(of([mixed, chosen('t1')]).chosen).toEqual({ saddleName: 'a', stops: 2 });
  });

  it('a stop that was judged before errors were known may have been the hand’s: it doesn’t count', () => {
    const old = tried('t1', 'a', 1);
    const body = old.body as Extract<RecordedBody, { kind: 'triedSetting' }>;
    const before = { ...old, body: { ...body, missed: body.missed.map(({ id, value, stops }) => ({ id, value, stops })) } };
    expect(of([before, chosen('t1')]).chosen).toEqual({ saddleName: 'a', stops: 0 });
  });

  it('a choice whose setting was withdrawn chooses nothing; a withdrawn choice gives way to the one before it', () => {
    expect(of([{ ...tried('t1', 'a', 1), withdrawn: true }, chosen('t1')]).chosen).toBeNull();
    expect(of([tried('t1', 'c'), tried('t2', 'b'), chosen('t1'), chosen('t2', true)]).chosen?.saddleName).toBe('c');
  });

  it('who stands for a setting stands for that one only, and only while they do', () => {
    const base = [tried('t1', 'a', 1), chosen('t1')];
    expect(of([...base, overruled('t1')])).toMatchObject({ chosen: { stops: 1 }, overruled: { by: 'Isla' } });
    expect(of([...base, overruled('t2')]).overruled).toBeNull();
    expect(of([...base, overruled('t1', true)]).overruled).toBeNull();
  });
});

describe('over a horse’s visits', () => {
  const visit = (id: string, more: Partial<SaidVisit> = {}): SaidVisit => ({
    ...{ id, on: '2026-01-01', facts: [], decision: null, said: 'goodToRide', measured: true },
    ...more,
  });
  const horse = (visits: readonly SaidVisit[], more: object = {}) => ({ visits, riderIds: [], ridesIn: null, fell: false, ...more });
  const tack = { held: HELD_TACK, beside: [{ id: 'girth', saddleId: 'a' }] };
  const inA = visit('one', { decision: { id: 'd', saddleId: 'a' } });

  it('each is held against what the horse was ridden in after it: an empty one too', () => {
    const rides = ridesOfHorse(horse([visit('before'), inA, visit('empty'), visit('c', { decision: { id: 'e', saddleId: 'c' } })]), tack);
    expect([...rides].map(([id, r]) => [id, r.stands])).toEqual([
      ['before', 'goodToRide'],
      ['one', 'notGoodToRide'],
      ['empty', 'notGoodToRide'],
      ['c', 'goodToRide'],
    ]);
  });

  it('what a person says now, and a fall, bear on the last visit alone', () => {
    const said = horse([inA, visit('last')], { ridesIn: { saddleId: 'c', insteadOf: 'd', by: 'Isla', on: '2026-02-01' }, fell: true });
    expect(rideQuestionAt(said, 1, tack)).toMatchObject({ heldTack: [], fell: true });
    expect(rideQuestionAt(said, 0, tack)).toMatchObject({ heldTack: [HELD_TACK[0]], fell: false });
  });

  it('what was felt last is looked for as far back as a hand was laid on, with what was cleared since', () => {
    const sore = felt('guard', 'sore');
    const all = [{ facts: [felt('guard', 'older')] }, { facts: [sore, tried('t', 'a')] }, { facts: [cleared('sore')] }, { facts: [] }];
    expect(feltBefore(all).map((f) => f.body.kind)).toEqual(['feel', 'holdCleared']);
    expect(feltBefore(all)[0]).toBe(sore);
    expect(feltBefore([{ facts: [] }])).toEqual([]);
  });
});
