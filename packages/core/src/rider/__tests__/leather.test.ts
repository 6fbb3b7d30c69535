import fc from 'fast-check';
import {
  type LeatherPair,
  type ToBuy,
  EYE_TO_TREAD_MM,
  SPARE_HOLES,
  STOCK_LENGTHS_MM,
  hangInHole,
  holesBetween,
  holesFor,
  newHangMm,
  onePairForAll,
  pairRemedy,
  perHoleMm,
  leatherProblems,
  pairsToBuy,
} from '..';

const pair = (change: Partial<LeatherPair> = {}, off = 700): LeatherPair => ({
  kind: 'looped',
  holes: 12,
  spacingMm: 25,
  hang: { near: { hole: 6, hangMm: 700 }, off: { hole: 6, hangMm: off } },
  ...change,
});

describe('a hole', () => {
  it.each([
    ['looped', 12.5],
    ['westernLooped', 12.5],
    ['single', 25],
  ] as const)('of a %s leather changes the hang by %d mm', (kind, mm) => expect(perHoleMm(pair({ kind }))).toBe(mm));
  it('measured in two holes, what was measured wins over the rule', () => expect(perHoleMm(pair({ measuredPerHoleMm: 11.8 }))).toBe(11.8));
  it('1 is the shortest: higher holes hang lower', () => {
    expect(hangInHole(pair(), 'near', 1)).toBe(700 - 5 * 12.5);
    expect(hangInHole(pair(), 'near', 12)).toBe(700 + 6 * 12.5);
  });
});

/** Two holes that miss by as much to within this are as good as each other, mm: what is even to the eye of arithmetic. */
const TIE_MM = 1e-6;

describe('which hole on each side', () => {
  it('even leathers go in the same hole, the nearest to the length', () => {
    expect(holesFor(pair(), 706)).toMatchObject({ holes: { near: 6, off: 6 }, unevenMm: 0, missMm: -6 });
    expect(holesFor(pair(), 707)).toMatchObject({ holes: { near: 7, off: 7 } });
    expect(holesFor(pair(), 300).holes).toEqual({ near: 1, off: 1 });
    expect(holesFor(pair(), 2000).holes).toEqual({ near: 12, off: 12 });
  });

  it('the longer side goes a hole shorter, whichever it is', () => {
    expect(holesFor(pair({}, 712.5), 700)).toMatchObject({ unevenMm: 0, holes: { near: 6, off: 5 } });
    expect(holesFor(pair({}, 687.5), 700)).toMatchObject({ unevenMm: 0, holes: { near: 6, off: 7 } });
  });

  it.each(['looped', 'single', 'westernLooped'] as const)('after the advice both sides of a %s pair agree as well as holes can', (kind) => {
    const most = kind === 'single' ? 25 / 2 : 25 / 4;
    fc.assert(
      fc.property(fc.double({ min: -24, max: 24, noNaN: true }), fc.double({ min: 660, max: 740, noNaN: true }), (by, wanted) => {
        const made = holesFor(pair({ kind }, 700 + by), wanted);
        expect(Math.abs(made.unevenMm)).toBeLessThanOrEqual(most + TIE_MM);
        expect(made.unevenMm).toBeCloseTo(made.hangMm.off - made.hangMm.near, 9);
      }),
    );
  });

  it('mirrored leathers get the mirrored holes', () => {
    fc.assert(
      fc.property(fc.double({ min: -24, max: 24, noNaN: true }), (by) => {
        const [a, b] = [
          holesFor(pair({}, 700 + by), 690),
          holesFor({ ...pair(), hang: { near: { hole: 6, hangMm: 700 + by }, off: { hole: 6, hangMm: 700 } } }, 690),
        ];
        expect(Math.abs(a.unevenMm)).toBeCloseTo(Math.abs(b.unevenMm), 9);
        expect(Math.abs(a.missMm)).toBeCloseTo(Math.abs(b.missMm), 9);
      }),
    );
  });

  it('a leather with one hole is in it', () =>
    expect(holesFor(pair({ holes: 1, hang: { near: { hole: 1, hangMm: 700 }, off: { hole: 1, hangMm: 760 } } }), 650)).toMatchObject({
      holes: { near: 1, off: 1 },
      unevenMm: 60,
    }));

  it('from one purpose to another by so many holes', () => expect(holesBetween(holesFor(pair(), 700), holesFor(pair(), 662.5))).toBe(-3));
});

describe('what a pair needs', () => {
  it.each([
    [0, { code: 'even' }],
    [5, { code: 'even' }],
    [-5, { code: 'even' }],
    [5.1, { code: 'halfAHole', side: 'off', leavesMm: 1.15 }],
    [-7, { code: 'halfAHole', side: 'near', leavesMm: 0.75 }],
    [7.6, { code: 'otherHole', side: 'off', holes: 1 }],
    [12.5, { code: 'otherHole', side: 'off', holes: 1 }],
    [-12.5, { code: 'otherHole', side: 'near', holes: 1 }],
    [25, { code: 'otherHole', side: 'off', holes: 2 }],
    [25.1, { code: 'replacePair' }],
    [-60, { code: 'replacePair' }],
  ] as const)('sides %d mm apart: %j', (by, remedy) => {
    const { leavesMm, ...rest } = pairRemedy(pair({}, 700 + by)) as { leavesMm?: number };
    const { leavesMm: wanted, ...wantedRest } = remedy as { leavesMm?: number };
    expect(rest).toMatchObject(wantedRest);
    if (wanted !== undefined) expect(leavesMm).toBeCloseTo(wanted, 9);
  });
});

describe('leathers to buy', () => {
  const looped: ToBuy = { kind: 'looped', holes: 12, spacingMm: 25, eyeToTreadMm: EYE_TO_TREAD_MM, lengthsMm: STOCK_LENGTHS_MM.looped };

  it('a looped one hangs half its length less the tip, and a hole is half a spacing', () => {
    const leather = { ...looped, lengthMm: 1370 };
    expect(newHangMm(leather, 12)).toBe((1370 - 100) / 2 + 125);
    expect(newHangMm(leather, 12) - newHangMm(leather, 11)).toBe(12.5);
  });
  it('a single one hangs its own length in the middle hole, and a hole is the whole spacing', () => {
    const leather = { ...looped, kind: 'single' as const, lengthMm: 600, holes: 11 };
    expect(newHangMm(leather, 6)).toBe(725);
    expect(newHangMm(leather, 7) - newHangMm(leather, 6)).toBe(25);
  });

  it('one pair for all: the best of trying every length in every hole', () => {
    const hangs = fc.array(fc.double({ min: 560, max: 760, noNaN: true }), { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(hangs, (wanted) => {
        const found = onePairForAll(wanted, looped);
        const tried = looped.lengthsMm.map((lengthMm) => {
          const holes = wanted.map((mm) => {
            const all = Array.from({ length: 12 }, (_, i) => ({
              hole: i + 1,
              miss: Math.abs(newHangMm({ ...looped, lengthMm }, i + 1) - mm),
            }));
            return all.reduce((best, h) => (h.miss < best.miss ? h : best));
          });
          const spare = Math.min(...holes.map((h) => Math.min(h.hole - 1, 12 - h.hole)));
          return { lengthMm, spare, miss: Math.max(...holes.map((h) => h.miss)) };
        });
        const fit = tried.filter((t) => t.spare >= SPARE_HOLES && t.miss <= 6.25 + 1e-9);
        expect(found === null).toBe(fit.length === 0);
        if (found !== null) expect(found.spare).toBe(Math.max(...fit.map((t) => t.spare)));
      }),
    );
  });

  it('one pair where one serves; purposes too far apart want two, split where the gap is widest', () => {
    expect(pairsToBuy([700, 720], looped)).toEqual([{ ...onePairForAll([700, 720], looped)!, serves: [0, 1] }]);
    expect(onePairForAll([780, 540], looped)).toBeNull();
    const [shorter, longer] = pairsToBuy([780, 540, 770], looped)!;
    expect([shorter!.serves, longer!.serves]).toEqual([[1], [2, 0]]);
    expect(longer!.holes).toHaveLength(2);
    expect(shorter!.lengthMm).toBeLessThan(longer!.lengthMm);
  });
  const FAR = [450, 610, 770];
  it('three far from each other want three; what no length serves wants none', () => {
    const three = pairsToBuy(FAR, looped)!;
    expect(three.map((p) => p.serves)).toEqual([[0], [1], [2]]);
    for (const [i, p] of three.entries()) expect(p).toMatchObject(onePairForAll([FAR[i]!], looped)!);
    expect(pairsToBuy([5000, 540], looped)).toBeNull();
    expect(pairsToBuy([], looped)).toBeNull();
  });
});

describe('a pair that can’t be', () => {
  it.each([
    [{ holes: 0 }, 'holes'],
    [{ holes: 2.5 }, 'holes'],
    [{ spacingMm: 0 }, 'perHole'],
    [{ measuredPerHoleMm: 0 }, 'perHole'],
    [{ hang: { near: { hole: 6, hangMm: 0 }, off: { hole: 6, hangMm: 700 } } }, 'hang.near'],
    [{ hang: { near: { hole: 6, hangMm: 700 }, off: { hole: 6, hangMm: Number.NaN } } }, 'hang.off'],
  ])('%j is refused by name', (change, measure) => {
    expect(leatherProblems(pair(change))).toMatchObject([{ code: 'LEATHER_OUT_OF_RANGE', values: { measure } }]);
    expect(() => holesFor(pair(change), 700)).toThrow(`LEATHER_OUT_OF_RANGE {"measure":"${measure}"`);
  });
  it('one hole is enough to be a pair', () => expect(leatherProblems(pair({ holes: 1 }))).toEqual([]));
});
