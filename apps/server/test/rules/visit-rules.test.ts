import { type Decision, type Fact, type FactBody, type TakeWrite } from '@fulcra/contract';
import { FulcraError } from '../../src/platform/errors/fulcra-error';
import { isNew } from '../../src/visits/append-rules';
import { decidedAt } from '../../src/visits/decided';
import { earlierFacts, refuseImpossible } from '../../src/visits/fact-rules';
import { refuseSixth, refuseUnreadable, sameTake } from '../../src/visits/take-rules';
import { putOnRecord, refuseChangeOfClosed, refuseClosed, refuseRiding, saysGoodToRide } from '../../src/visits/visit-rules';

/** The code something is refused with; null where it is allowed. */
const refusal = (work: () => unknown): string | null => {
  try {
    work();
    return null;
  } catch (error) {
    if (error instanceof FulcraError) return error.code;
    throw error;
  }
};
const mine = { practiceId: 'p', visitId: 'v' };

describe('what is added to a visit', () => {
  it.each([
    ['nothing of this id yet', null, true, true],
    ['the same, sent again', mine, true, false],
    ['another content', mine, false, 'FACT_IMMUTABLE'],
    ['of another practice', { ...mine, practiceId: 'q' }, true, 'NOT_FOUND'],
    ['of another visit', { ...mine, visitId: 'w' }, true, 'NOT_FOUND'],
    ['of another practice, with another content', { ...mine, practiceId: 'q' }, false, 'NOT_FOUND'],
  ] as const)('%s', (_, known, same, outcome) => {
    const ask = () => isNew(known, mine, () => same, 'FACT_IMMUTABLE');
    if (typeof outcome === 'string') expect(refusal(ask)).toBe(outcome);
    else expect(ask()).toBe(outcome);
  });
});

describe('takes', () => {
  it('are taken in at an open visit, not at a closed one', () => {
    expect(refusal(() => refuseClosed('open'))).toBeNull();
    expect(refusal(() => refuseClosed('done'))).toBe('VISIT_CLOSED');
  });

  it.each([
    [0, null],
    [4, null],
    [5, 'TAKES_FULL'],
    [6, 'TAKES_FULL'],
  ])('with %d held: %s', (held, code) => expect(refusal(() => refuseSixth(held))).toBe(code));

  const widths: TakeWrite['reading'] = {
    kind: 'widths',
    widths: [
      { depthMm: 60, nearMm: 70, offMm: 71 },
      { depthMm: 120, nearMm: 130, offMm: 131 },
    ],
  };
  it('must read as what their station is: a section across, a line along', () => {
    expect(refusal(() => refuseUnreadable({ station: 'front', reading: widths }))).toBeNull();
    expect(refusal(() => refuseUnreadable({ station: 'topline', reading: widths }))).toBe('SECTION_REFUSED');
    expect(refusal(() => refuseUnreadable({ station: 'front', reading: { kind: 'widths', widths: [] } }))).toBe('SECTION_REFUSED');
  });

  it('brings the core’s reasons with the refusal', () => {
    expect.assertions(1);
    try {
      refuseUnreadable({ station: 'front', reading: { kind: 'widths', widths: [] } });
    } catch (error) {
      expect((error as FulcraError).details.problems![0]).toMatchObject({ code: 'WIDTHS_TOO_FEW' });
    }
  });

  const otherWidths: TakeWrite['reading'] = {
    kind: 'widths',
    widths: [
      { depthMm: 60, nearMm: 70, offMm: 72 },
      { depthMm: 120, nearMm: 130, offMm: 131 },
    ],
  };
  const changes: readonly (readonly [string, Partial<TakeWrite>, boolean])[] = [
    ['as it was', {}, true],
    ['of another station', { station: 'base' }, false],
    ['taken elsewhere', { takenAtMm: 51 }, false],
    ['with another width', { reading: otherWidths }, false],
  ];
  it.each(changes)('sent again %s', (_, change, same) => {
    const stored = { station: 'front', takenAtMm: 50, reading: widths } as const;
    expect(sameTake(stored, { ...stored, ...change })).toBe(same);
  });
});

describe('decisions', () => {
  // a clock that runs ahead: by its own word the first one is the latest
  const decision = (id: string, visitId = 'v'): Decision =>
    ({ id, visitId, order: id.charCodeAt(0), decidedAt: id === 'a' ? '2031-01-01T00:00:00Z' : '2026-11-20T10:00:00Z' }) as Decision;
  it('the last one heard of stands; the earlier ones are kept, oldest first; another visit’s are another’s', () => {
    const all = [decision('a'), decision('x', 'w'), decision('b'), decision('c')];
    expect(decidedAt(all, [], 'v')).toEqual({ decision: decision('c'), superseded: [decision('a'), decision('b')] });
    expect(decidedAt(all, [], 'w')).toEqual({ decision: decision('x', 'w'), superseded: [] });
    expect(decidedAt(all, [], 'none')).toEqual({ decision: null, superseded: [] });
  });
});

describe('facts', () => {
  const landmark = (atMm: number): FactBody => ({
    kind: 'landmark',
    landmark: 'girthGroove',
    side: null,
    way: null,
    station: null,
    pose: null,
    atMm,
  });
  it('a landmark no horse has there is refused; what isn’t a landmark isn’t asked', () => {
    expect(refusal(() => refuseImpossible(landmark(90)))).toBeNull();
    expect(refusal(() => refuseImpossible(landmark(4000)))).toBe('LANDMARK_REFUSED');
    expect(refusal(() => refuseImpossible({ kind: 'intake', field: 'weightKg', value: 4000 }))).toBeNull();
  });

  const said = (visitId: string, value: number, more: Partial<Fact> = {}): Fact => ({
    id: `${visitId}${value}`,
    visitId,
    hand: 'Isla',
    madeAt: '2026-11-20T09:00:00.000Z',
    withdrawn: false,
    body: { kind: 'intake', field: 'weightKg', value },
    ...more,
  });
  const days = new Map([
    ['spring', '2026-04-01'],
    ['summer', '2026-07-01'],
    ['now', '2026-11-20'],
    ['next', '2027-01-10'],
  ]);
  const values = (all: readonly Fact[], but: string | null, upTo: string | null) => earlierFacts(all, days, but, upTo).map((f) => f.value);

  it('of earlier visits up to this day, oldest first; those of later visits are not earlier', () => {
    const all = [said('next', 4), said('summer', 2), said('now', 3), said('spring', 1)];
    expect(values(all, 'now', '2026-11-20')).toEqual([1, 2]);
    expect(values(all, null, '2026-11-20')).toEqual([1, 2, 3]);
    expect(values(all, null, '2026-11-19')).toEqual([1, 2]);
    expect(values(all, null, null)).toEqual([1, 2, 3, 4]);
    expect(earlierFacts(all, days, null, null)[0]).toEqual({ field: 'weightKg', value: 1, on: '2026-04-01' });
  });

  it('of one day stay in the order they were heard of', () =>
    expect(values([said('summer', 7), said('summer', 5), said('spring', 6)], null, null)).toEqual([6, 7, 5]));

  it('withdrawn ones, those of no known visit, and those that aren’t dated say nothing', () => {
    const all = [
      said('spring', 1, { withdrawn: true }),
      said('elsewhere', 2),
      said('spring', 3, { body: { kind: 'skipped', step: 'feel' } }),
    ];
    expect(values(all, null, null)).toEqual([]);
  });
});

describe('a closed visit', () => {
  type Closing = { readonly status: 'open' | 'done'; readonly result: string | null; readonly note: string };
  const visit: Closing = { status: 'done', result: null, note: '' };
  it('takes one change: being opened again, and nothing else with it', () => {
    expect(refusal(() => refuseChangeOfClosed(visit, { ...visit, status: 'open' }))).toBeNull();
    expect(refusal(() => refuseChangeOfClosed(visit, { ...visit, status: 'open', note: 'x' }))).toBe('VISIT_CLOSED');
    expect(refusal(() => refuseChangeOfClosed(visit, { ...visit, result: 'goodToRide' }))).toBe('VISIT_CLOSED');
    expect(refusal(() => refuseChangeOfClosed(visit, { ...visit }))).toBeNull();
  });
  it('an open one takes any, closing among them, and so does one that is new', () => {
    const open: Closing = { ...visit, status: 'open' };
    expect(refusal(() => refuseChangeOfClosed(open, { ...visit, result: 'goodToRide' }))).toBeNull();
    expect(refusal(() => refuseChangeOfClosed(null, visit))).toBeNull();
  });
});

describe('a visit’s result and its end', () => {
  const stands = (result: 'goodToRide' | 'notGoodToRide' | null, status: 'open' | 'done' = 'open') => ({ result, status });
  it.each([
    [null, 'goodToRide', true],
    [stands(null), 'goodToRide', true],
    [stands('notGoodToRide'), 'goodToRide', true],
    [stands('goodToRide'), 'goodToRide', false],
    [stands(null), 'notGoodToRide', false],
    [null, null, false],
  ] as const)('from %j to %s: asked %s', (before, after, asked) => expect(saysGoodToRide(before, stands(after))).toBe(asked));

  const CLEAR = {
    hold: { state: 'clear', reasons: [], clearances: [] },
    heldTack: [],
    chosen: null,
    overruled: null,
    felt: true,
    ridden: true,
    misses: [],
    fell: false,
    done: true,
    saidWithout: null,
  } as const;
  const BREAKER = { id: 'b', name: 'Breaker', why: 'unsafe' } as const;
  it('good to ride is refused for what takes it back first', () => {
    expect(refusal(() => refuseRiding(CLEAR))).toBeNull();
    const held = { ...CLEAR, hold: { ...CLEAR.hold, state: 'held' as const } };
    expect(refusal(() => refuseRiding(held))).toBe('VISIT_HELD');
    expect(refusal(() => refuseRiding({ ...CLEAR, heldTack: [BREAKER] }))).toBe('TACK_UNSAFE');
    expect(refusal(() => refuseRiding({ ...held, heldTack: [BREAKER] }))).toBe('VISIT_HELD');
    expect(refusal(() => refuseRiding({ ...CLEAR, heldTack: [{ ...BREAKER, why: 'fall' }] }))).toBe('TREE_AFTER_FALL');
    expect(refusal(() => refuseRiding({ ...CLEAR, fell: true }))).toBe('TREE_AFTER_FALL');
    expect(refusal(() => refuseRiding({ ...CLEAR, done: false }))).toBe('NOTHING_DONE');
    expect(refusal(() => refuseRiding({ ...CLEAR, done: false, saidWithout: { by: 'Isla', reason: 'seen' } }))).toBeNull();
    expect(refusal(() => refuseRiding(CLEAR))).toBeNull();
  });

  it.each([
    [null, 'open', null],
    [null, 'done', 'visitClosed'],
    [stands(null, 'open'), 'done', 'visitClosed'],
    [stands(null, 'done'), 'open', 'visitReopened'],
    [stands(null, 'done'), 'done', null],
    [stands(null, 'open'), 'open', null],
  ] as const)('from %j to %s goes on record as %s', (before, after, kind) =>
    expect(putOnRecord(before, stands(null, after))?.kind ?? null).toBe(kind),
  );
});
