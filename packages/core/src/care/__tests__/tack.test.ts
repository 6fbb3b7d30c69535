import {
  type FoundSpot,
  type TackCheck,
  TACK_DAYS,
  TREE_POINTS,
  heldItems,
  holdsOf,
  isSpotOf,
  neededSpots,
  spotsOf,
  tackStanding,
} from '..';

const ENGLISH = { kind: 'saddle', build: 'english' } as const;
const LEATHER = { kind: 'leather', build: 'english' } as const;
const stands = (checks: readonly TackCheck[], today = '2026-11-20') => tackStanding(LEATHER, checks, { today });
let made = 0;
const check = (found: readonly FoundSpot[], more: Partial<TackCheck> = {}): TackCheck => ({
  id: `c${String(++made).padStart(3, '0')}`,
  itemKind: 'leather',
  itemId: 'pair',
  madeAt: `2026-11-20T09:00:${String(made % 60).padStart(2, '0')}.000Z`,
  hand: 'A Fitter',
  source: 'practice',
  round: 'full',
  found,
  mended: null,
  fall: null,
  answers: [],
  withdrawn: false,
  ...more,
});
const at = (point: FoundSpot['point'], finding: FoundSpot['finding'], side: FoundSpot['side'] = 'near'): FoundSpot => ({
  point,
  side,
  finding,
  note: '',
});
const allSound = (): FoundSpot[] => neededSpots(LEATHER).map((s) => ({ ...s, finding: 'sound', note: '' }));
const mending = (clears: readonly string[], found: readonly FoundSpot[] = [at('leatherStitching', 'sound')]) =>
  check(found, { mended: { by: 'B Saddler', what: 'stitched anew', clears } });

beforeEach(() => (made = 0));

describe('points of the walk', () => {
  it('are those of the item: an English saddle has bars and straps, a western one rigging, both a tree', () => {
    const names = (item: Parameters<typeof spotsOf>[0]) => new Set(spotsOf(item, 'full').map((s) => s.point));
    expect([...names(ENGLISH)]).toEqual(expect.arrayContaining(['treeArch', 'barRivets', 'strapPull', 'panelAlong']));
    expect(names(ENGLISH).has('flankConnector')).toBe(false);
    expect([...names({ kind: 'saddle', build: 'western' })]).toEqual(expect.arrayContaining(['treeArch', 'rigging', 'flankConnector']));
    expect(names({ kind: 'saddle', build: 'western' }).has('barCatch')).toBe(false);
    expect([...names(LEATHER)].every((p) => p.startsWith('leather') || p === 'iron')).toBe(true);
  });

  it('are on both sides where there are two, near before off', () => {
    expect(spotsOf(LEATHER, 'full').slice(0, 2)).toEqual([
      { point: 'leatherHoles', side: 'near' },
      { point: 'leatherHoles', side: 'off' },
    ]);
    expect(spotsOf(ENGLISH, 'full').filter((s) => s.point === 'treeArch')).toEqual([{ point: 'treeArch', side: null }]);
  });

  it('the monthly round is part of the full one, and shorter', () => {
    for (const item of [ENGLISH, LEATHER, { kind: 'girth', build: 'english' } as const]) {
      const full = spotsOf(item, 'full');
      const monthly = spotsOf(item, 'monthly');
      expect(monthly.every((m) => full.some((f) => f.point === m.point && f.side === m.side))).toBe(true);
      expect(monthly.length).toBeGreaterThan(0);
    }
    expect(spotsOf(ENGLISH, 'monthly').some((s) => s.point === 'treeArch')).toBe(false);
    expect(spotsOf(LEATHER, 'monthly').some((s) => s.point === 'leatherAtBar')).toBe(false);
  });

  it('a girth without elastic has none to look at', () => {
    const points = (elastic: boolean) => spotsOf({ kind: 'girth', build: 'english', elastic }, 'full').map((s) => s.point);
    expect(points(true)).toContain('girthElastic');
    expect(points(false)).not.toContain('girthElastic');
  });

  it('anything else may be noted, and nobody has to have looked at it', () => {
    expect(spotsOf(LEATHER, 'monthly').at(-1)).toEqual({ point: 'leatherOther', side: null });
    expect(neededSpots(LEATHER).some((s) => s.point === 'leatherOther')).toBe(false);
    expect(neededSpots(LEATHER)).toHaveLength(spotsOf(LEATHER, 'full').length - 1);
  });

  it('belong to one kind, with a side or without', () => {
    expect(isSpotOf('leather', { point: 'leatherHoles', side: 'off' })).toBe(true);
    expect(isSpotOf('leather', { point: 'leatherHoles', side: null })).toBe(false);
    expect(isSpotOf('saddle', { point: 'treeArch', side: 'near' })).toBe(false);
    expect(isSpotOf('saddle', { point: 'leatherHoles', side: 'near' })).toBe(false);
  });
});

describe('how an item stands', () => {
  it('what nobody walked round is not called sound; neither is what was only half walked', () => {
    expect(stands([]).state).toBe('notChecked');
    const half = stands([check(allSound().slice(1))]);
    expect(half).toMatchObject({ state: 'notChecked', unseen: [{ point: 'leatherHoles', side: 'near' }] });
    expect(stands([check(allSound())])).toMatchObject({ state: 'sound', unseen: [] });
  });

  it('is seen bit by bit: two halves are a whole', () => {
    const [first, ...rest] = allSound();
    expect(stands([check([first!]), check(rest)]).state).toBe('sound');
  });

  it('something to watch is said until it is looked at again', () => {
    const watched = [check(allSound()), check([at('leatherHoles', 'watch')])];
    expect(stands(watched).state).toBe('watch');
    expect(stands([...watched, check([at('leatherHoles', 'sound')])]).state).toBe('sound');
    expect(stands([...watched, check([at('leatherHoles', 'sound', 'off')])]).state).toBe('watch');
  });

  it('unsafe holds whatever is found afterwards; a later "sound" clears nothing', () => {
    const unsafe = check([at('leatherStitching', 'unsafe')]);
    const checks = [check(allSound()), unsafe, check(allSound())];
    expect(stands(checks)).toMatchObject({
      state: 'unsafe',
      holds: [{ checkId: unsafe.id, point: 'leatherStitching', side: 'near' }],
    });
  });

  it('a mending clears the check it names and no other, in whatever order the two arrived', () => {
    const first = check([at('leatherStitching', 'unsafe')]);
    const second = check([at('leatherEnd', 'unsafe', 'off')]);
    const mend = mending([first.id]);
    expect(holdsOf([mend, second, first]).map((h) => h.checkId)).toEqual([second.id]);
    expect(stands([check(allSound()), first, mending([first.id])]).state).toBe('sound');
  });

  it('a mending made before the finding by a clock that ran behind still clears what it names; one that names nothing clears nothing', () => {
    const unsafe = check([at('leatherStitching', 'unsafe')]);
    const early = { ...mending([unsafe.id]), madeAt: '2020-01-01T00:00:00.000Z' };
    expect(holdsOf([unsafe, early])).toEqual([]);
    expect(holdsOf([unsafe, mending([])])).toHaveLength(1);
  });

  it('a withdrawn mending lets the hold come back; a withdrawn check was never made', () => {
    const unsafe = check([at('leatherStitching', 'unsafe')]);
    expect(holdsOf([unsafe, { ...mending([unsafe.id]), withdrawn: true }])).toHaveLength(1);
    expect(stands([{ ...check(allSound()), withdrawn: true }]).state).toBe('notChecked');
  });

  it('what was mended may still be something to watch', () => {
    const unsafe = check([at('leatherStitching', 'unsafe')]);
    const checks = [check(allSound()), unsafe, mending([unsafe.id], [at('leatherStitching', 'watch')])];
    expect(stands(checks).state).toBe('watch');
  });

  it('says when it was last walked round: a mending is no walk, a monthly look no full one', () => {
    const full = check(allSound());
    const monthly = check([at('iron', 'sound')], { round: 'monthly', source: 'owner' });
    const { lastFullAt, lastLookAt } = stands([full, monthly, mending([])]);
    expect([lastFullAt, lastLookAt]).toEqual([full.madeAt, monthly.madeAt]);
  });

  it('held items are found in one pass, each for itself', () => {
    const other = check([at('treeArch', 'unsafe', null)], { itemKind: 'saddle', itemId: 'saddle' });
    const pair = check([at('leatherEnd', 'unsafe')]);
    expect([...heldItems([other, pair])].sort()).toEqual(['pair', 'saddle']);
    expect([...heldItems([other, pair, mending([pair.id])])]).toEqual(['saddle']);
    expect(heldItems([check(allSound())]).size).toBe(0);
  });
});

describe('how long a look lasts', () => {
  const walked = (on: string) => check(allSound(), { madeAt: `${on}T09:00:00.000Z` });
  const looked = (on: string) => check([at('iron', 'sound')], { madeAt: `${on}T09:00:00.000Z`, round: 'monthly', source: 'owner' });

  it('31 days of an owner’s look, 182 of a fitter’s walk (defaults)', () => expect(TACK_DAYS).toEqual({ ownerLook: 31, fitterWalk: 182 }));

  it('a walk counts as that month’s look: sound to its 31st day, lapsed on the 32nd; never a hold', () => {
    const checks = [walked('2026-10-01')];
    expect(stands(checks, '2026-11-01')).toMatchObject({ state: 'sound', lastsTo: '2026-11-01' });
    expect(stands(checks, '2026-11-02')).toMatchObject({ state: 'lapsed', lastsTo: '2026-11-01', holds: [] });
    expect(heldItems(checks).size).toBe(0);
  });

  it('owners’ looks carry it on to the 182nd day after the walk, and no further', () => {
    const checks = [walked('2026-01-01'), looked('2026-06-20')];
    expect(stands(checks, '2026-07-02')).toMatchObject({ state: 'sound', lastsTo: '2026-07-02' });
    expect(stands([...checks, looked('2026-07-02')], '2026-07-03').state).toBe('lapsed');
  });

  it('a practice’s own days are asked, not the defaults', () => {
    const now = { today: '2026-10-09', days: { ownerLook: 7, fitterWalk: 100 } };
    expect(tackStanding(LEATHER, [walked('2026-10-01')], now)).toMatchObject({ state: 'lapsed', lastsTo: '2026-10-08' });
  });

  it('a withdrawn look, a mending and a fall are no looks; what was never looked at can’t lapse', () => {
    const no = [{ ...walked('2026-10-20'), withdrawn: true }, mending(['x']), check([], { fall: { horseId: null, wordId: null } })];
    expect(stands([walked('2026-09-01'), ...no], '2026-10-25').lastsTo).toBe('2026-10-02');
    expect(stands([], '2026-10-25')).toMatchObject({ state: 'notChecked', lastsTo: null });
  });

  it('what is to be watched or held says that first', () => {
    expect(stands([walked('2026-01-01'), check([at('iron', 'watch')])], '2027-01-01').state).toBe('watch');
    expect(stands([walked('2026-01-01'), check([at('iron', 'unsafe')])], '2027-01-01').state).toBe('unsafe');
  });
});

describe('after a fall', () => {
  const of = { itemKind: 'saddle', itemId: 'saddle' } as const;
  const saddleSound = (): FoundSpot[] => neededSpots(ENGLISH).map((s) => ({ ...s, finding: 'sound', note: '' }));
  const tree = TREE_POINTS.map((point) => at(point, 'sound', null));
  const fall = (more: Partial<TackCheck> = {}) => check([], { ...of, fall: { horseId: 'h', wordId: 'w' }, source: 'owner', ...more });
  const walk = (answers: readonly string[], found: readonly FoundSpot[] = saddleSound()) => check(found, { ...of, answers });
  const state = (checks: readonly TackCheck[]) => tackStanding(ENGLISH, checks, { today: '2026-11-20' }).state;

  it('the tree is held, however sound it was; a walk that doesn’t know of the fall clears nothing', () => {
    const fell = fall();
    expect(state([walk([]), fell])).toBe('unsafe');
    expect(state([fell, walk([])])).toBe('unsafe');
    expect(holdsOf([fell])).toMatchObject([{ checkId: fell.id, point: 'treeArch', fell: true }]);
    expect([...heldItems([fell])]).toEqual(['saddle']);
  });

  it('a walk that names it and looked at the whole tree answers it, whatever the clocks said; the next fall holds anew', () => {
    const fell = fall();
    const early = { ...walk([fell.id]), madeAt: '2020-01-01T00:00:00.000Z' };
    expect(state([fell, walk([fell.id])])).toBe('sound');
    expect(holdsOf([fell, early])).toEqual([]);
    expect(holdsOf([fell, walk([fell.id]), fall()])).toHaveLength(1);
    expect(state([fell, walk([fell.id]), fall()])).toBe('unsafe');
  });

  it.each(TREE_POINTS)('a walk without %s answers nothing', (point) =>
    expect(
      holdsOf([
        fall({ id: 'fell' }),
        walk(
          ['fell'],
          tree.filter((f) => f.point !== point),
        ),
      ]),
    ).toHaveLength(1),
  );

  it('an owner’s look answers nothing, nor does a walk that was withdrawn; what it finds unsafe holds for itself', () => {
    const fell = fall();
    expect(holdsOf([fell, { ...walk([fell.id]), source: 'owner' }])).toHaveLength(1);
    expect(holdsOf([fell, { ...walk([fell.id]), withdrawn: true }])).toHaveLength(1);
    const cracked = [...tree.slice(1), at('treeArch', 'unsafe', null)];
    expect(holdsOf([fell, walk([fell.id], cracked)])).toMatchObject([{ point: 'treeArch', fell: false }]);
  });

  it('a mending that names it doesn’t: nobody mends a fall', () => {
    const fell = fall();
    expect(holdsOf([fell, check([], { ...of, mended: { by: 'B Saddler', what: 'looked at', clears: [fell.id] } })])).toHaveLength(1);
  });
});
