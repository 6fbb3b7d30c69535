import { type FoundSpot, type TackCheck, heldItems, holdsOf, isSpotOf, neededSpots, spotsOf, tackStanding } from '..';

const ENGLISH = { kind: 'saddle', build: 'english' } as const;
const LEATHER = { kind: 'leather', build: 'english' } as const;
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
    expect(tackStanding(LEATHER, []).state).toBe('notChecked');
    const half = tackStanding(LEATHER, [check(allSound().slice(1))]);
    expect(half).toMatchObject({ state: 'notChecked', unseen: [{ point: 'leatherHoles', side: 'near' }] });
    expect(tackStanding(LEATHER, [check(allSound())])).toMatchObject({ state: 'sound', unseen: [] });
  });

  it('is seen bit by bit: two halves are a whole', () => {
    const [first, ...rest] = allSound();
    expect(tackStanding(LEATHER, [check([first!]), check(rest)]).state).toBe('sound');
  });

  it('something to watch is said until it is looked at again', () => {
    const watched = [check(allSound()), check([at('leatherHoles', 'watch')])];
    expect(tackStanding(LEATHER, watched).state).toBe('watch');
    expect(tackStanding(LEATHER, [...watched, check([at('leatherHoles', 'sound')])]).state).toBe('sound');
    expect(tackStanding(LEATHER, [...watched, check([at('leatherHoles', 'sound', 'off')])]).state).toBe('watch');
  });

  it('unsafe holds whatever is found afterwards; a later "sound" clears nothing', () => {
    const unsafe = check([at('leatherStitching', 'unsafe')]);
    const checks = [check(allSound()), unsafe, check(allSound())];
    expect(tackStanding(LEATHER, checks)).toMatchObject({
      state: 'unsafe',
      holds: [{ checkId: unsafe.id, point: 'leatherStitching', side: 'near' }],
    });
  });

  it('a mending clears the check it names and no other, in whatever order the two arrived', () => {
    const first = check([at('leatherStitching', 'unsafe')]);
    const second = check([at('leatherEnd', 'unsafe', 'off')]);
    const mend = mending([first.id]);
    expect(holdsOf([mend, second, first]).map((h) => h.checkId)).toEqual([second.id]);
    expect(tackStanding(LEATHER, [check(allSound()), first, mending([first.id])]).state).toBe('sound');
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
    expect(tackStanding(LEATHER, [{ ...check(allSound()), withdrawn: true }]).state).toBe('notChecked');
  });

  it('what was mended may still be something to watch', () => {
    const unsafe = check([at('leatherStitching', 'unsafe')]);
    const checks = [check(allSound()), unsafe, mending([unsafe.id], [at('leatherStitching', 'watch')])];
    expect(tackStanding(LEATHER, checks).state).toBe('watch');
  });

  it('says when it was last walked round: a mending is no walk, a monthly look no full one', () => {
    const full = check(allSound());
    const monthly = check([at('iron', 'sound')], { round: 'monthly', source: 'owner' });
    const { lastFullAt, lastLookAt } = tackStanding(LEATHER, [full, monthly, mending([])]);
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
