import {
  BAR_LEVEL_MM,
  foldUpTake,
  hangInHole,
  holesFor,
  pairOfTake,
  pairRemedy,
  perHoleMm,
  stretchedMm,
  type LeatherPair,
  type LeatherTake,
} from '..';

const MAKE = { kind: 'looped', holes: 12, spacingMm: 25 } as const;
const TAKE: LeatherTake = { way: 'hang', near: { hole: 6, hangMm: 700 }, off: { hole: 6, hangMm: 709 }, second: null };

describe('a pair as it was measured', () => {
  it('hangs by the rule until two holes were measured; then by those', () => {
    expect(perHoleMm(pairOfTake(MAKE, TAKE))).toBe(12.5);
    expect(perHoleMm(pairOfTake(MAKE, { ...TAKE, second: { hole: 8, hangMm: 723 } }))).toBe(11.5);
    expect(perHoleMm(pairOfTake(MAKE, { ...TAKE, second: { hole: 6, hangMm: 700 } }))).toBe(12.5);
    expect(perHoleMm(pairOfTake(MAKE, { ...TAKE, second: { hole: 8, hangMm: 690 } }))).toBe(12.5);
  });
  it('folded up: the off side is the near one with their difference', () => {
    const pair = pairOfTake(MAKE, foldUpTake({ hole: 5, hangMm: 690 }, 8));
    expect(hangInHole(pair, 'off', 5) - hangInHole(pair, 'near', 5)).toBe(8);
  });
  it('stretch per side, whichever holes were used', () => {
    const later: LeatherTake = {
      way: 'hang',
      near: { hole: 4, hangMm: 700 - 25 + 3 },
      off: { hole: 8, hangMm: 709 + 25 + 11 },
      second: null,
    };
    const { near, off } = stretchedMm(MAKE, TAKE, later);
    expect(near).toBeCloseTo(3, 9);
    expect(off).toBeCloseTo(11, 9);
  });
});

describe('evenness', () => {
  const pair = (offMm: number): LeatherPair => ({
    ...MAKE,
    hang: { near: { hole: 6, hangMm: 700 }, off: { hole: 6, hangMm: 700 + offMm } },
  });
  it('after the advice both sides agree within a quarter of the spacing', () => {
    for (let by = -60; by <= 60; by++) expect(Math.abs(holesFor(pair(by), 700).unevenMm)).toBeLessThanOrEqual(25 / 4 + 0.5);
  });
  it('a single strap within half of it', () => {
    const single = (by: number): LeatherPair => ({ ...pair(by), kind: 'single' });
    for (let by = -60; by <= 60; by++) expect(Math.abs(holesFor(single(by), 700).unevenMm)).toBeLessThanOrEqual(25 / 2 + 0.5);
  });
  it('uneven on purpose: the off side longer by what was asked', () => expect(holesFor(pair(0), 700, 12.5).unevenMm).toBe(12.5));
  it('a leather with one hole has one answer', () => {
    const one: LeatherPair = { ...MAKE, holes: 1, hang: { near: { hole: 1, hangMm: 700 }, off: { hole: 1, hangMm: 760 } } };
    expect(holesFor(one, 640)).toMatchObject({ holes: { near: 1, off: 1 }, unevenMm: 60 });
    expect(pairRemedy(one).code).toBe('replacePair');
  });
});

describe('swapping sides', () => {
  const off = (mm: number): LeatherPair => ({ ...MAKE, hang: { near: { hole: 6, hangMm: 700 }, off: { hole: 6, hangMm: 700 + mm } } });
  it.each([
    [8, 0, 'otherHole'],
    [6, 0, 'halfAHole'],
    [8, BAR_LEVEL_MM, 'swap'],
    [8, BAR_LEVEL_MM - 0.1, 'otherHole'],
    [8, -8, 'even'],
    [8, -20, 'otherHole'],
    [-8, -8, 'swap'],
    [0, 8, 'even'],
    [25, -25, 'even'],
    [30, 8, 'replacePair'],
  ])('off longer by %d with an off bar lower by %d: %s', (mm, bar, code) => expect(pairRemedy(off(mm), bar).code).toBe(code));
  it('says what is left', () => expect(pairRemedy(off(8), 8)).toEqual({ code: 'swap', leavesMm: 0, offBarLowerMm: 8 }));
});
