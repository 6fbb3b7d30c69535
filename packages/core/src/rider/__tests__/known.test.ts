import { halvesOfSection } from '../../girth';
import {
  FOOT,
  HEEL_LIMITS_MM,
  HEEL_SURE_MM,
  footOf,
  loweredBy,
  newestLengths,
  newestTake,
  plumbOf,
  newestFirst,
  plumbParts,
  riderBody,
  stretchSinceFirst,
  weightLowerings,
  weightShare,
} from '..';

const day = (takenOn: string, lengthsMm: object, withdrawn = false) => ({ takenOn, lengthsMm, withdrawn });

describe('the newest lengths', () => {
  it('are taken length by length, in whatever order the days come', () => {
    const days = [day('2026-04-14', { thigh: 305 }), day('2025-04-20', { thigh: 285, kneeToSole: 335 })];
    const wanted = { thigh: { mm: 305, takenOn: '2026-04-14' }, kneeToSole: { mm: 335, takenOn: '2025-04-20' } };
    expect(newestLengths(days, null)).toEqual(wanted);
    expect(newestLengths([...days].reverse(), null)).toEqual(wanted);
  });

  it('of one day are those entered last', () =>
    expect(newestLengths([day('2026-04-14', { thigh: 400 }), day('2026-04-14', { thigh: 410 })], null).thigh!.mm).toBe(410));

  it('leave out what was withdrawn', () =>
    expect(newestLengths([day('2025-01-01', { thigh: 400 }), day('2026-01-01', { thigh: 900 }, true)], null).thigh!.mm).toBe(400));

  it('take a height that was only said, until one is measured', () => {
    expect(newestLengths([], 1700).stature).toEqual({ mm: 1700, takenOn: null });
    expect(newestLengths([day('2026-01-01', { stature: 1690 })], 1700).stature).toEqual({ mm: 1690, takenOn: '2026-01-01' });
  });
});

describe('the take that counts', () => {
  const takes = [
    { id: 'a', takenOn: '2026-01-01', withdrawn: false },
    { id: 'b', takenOn: '2026-02-01', withdrawn: false },
    { id: 'c', takenOn: '2026-02-01', withdrawn: false },
    { id: 'd', takenOn: '2026-03-01', withdrawn: true },
  ];
  it('is the newest that stands, of one day the last', () => expect(newestTake(takes)!.id).toBe('c'));
  it('is none where none stands', () => expect(newestTake(takes.slice(3))).toBeNull());
});

describe('weight by a practice’s own levels', () => {
  const levels = { note: 10, caution: 12, professional: 14 };
  it.each([
    [50, 'fine'],
    [50.1, 'note'],
    [60, 'note'],
    [60.1, 'caution'],
    [70, 'caution'],
    [70.1, 'professional'],
  ])('%d kg on 500 kg: %s', (kg, level) => expect(weightShare(kg, 500, 0, levels).level).toBe(level));
});

describe('the heel is judged with what it is sure to', () => {
  const at = (heelMm: number) => {
    const plumb = plumbOf({ ankle: { xMm: heelMm, zMm: 0, outMm: 0 }, hip: { xMm: 0, zMm: 900, outMm: 0 } }, 0);
    return plumbParts(plumb, { kneeBehindBarMm: -80 }, 0, null);
  };
  it.each([
    [HEEL_LIMITS_MM.tippedAbove + HEEL_SURE_MM, false],
    [HEEL_LIMITS_MM.tippedAbove + HEEL_SURE_MM + 1, true],
    [HEEL_LIMITS_MM.tippedAbove - HEEL_SURE_MM, false],
    [HEEL_LIMITS_MM.chairBelow - HEEL_SURE_MM, false],
    [HEEL_LIMITS_MM.chairBelow - HEEL_SURE_MM - 1, true],
    [15, true],
  ])('heel %d mm behind the hip: sure %s', (heel, sure) => expect(at(heel).sure).toBe(sure));
});

describe('half breadths of a section', () => {
  it('of a roof of 45 degrees are as wide as they are deep', () => {
    const points = [-100, -50, 0, 50, 100].map((y) => ({ yMm: y, zMm: -Math.abs(y) }));
    const halves = halvesOfSection(points);
    expect(halves.map((h) => h.belowMm)).toEqual([20, 40, 60, 80, 100]);
    for (const { belowMm, outMm } of halves) expect(outMm).toBeCloseTo(belowMm, 9);
  });

  it('are the mean of both sides, as deep as the shallower one', () => {
    const points = [
      { yMm: -60, zMm: -60 },
      { yMm: 0, zMm: 0 },
      { yMm: 200, zMm: -100 },
    ];
    const halves = halvesOfSection(points);
    expect(halves.at(-1)!.belowMm).toBe(60);
    expect(halves[0]!.outMm).toBeCloseTo((20 + 40) / 2, 9);
  });

  it('of nothing are none', () => expect(halvesOfSection([])).toEqual([]));
});

describe('what lowers the levels of weight', () => {
  const horse = { ageYears: 10, unfit: false, soreBack: false };
  it.each([
    [{}, []],
    [{ ageYears: null }, []],
    [{ ageYears: 6 }, []],
    [{ ageYears: 5 }, ['underSix']],
    [{ ageYears: 20 }, []],
    [{ ageYears: 21 }, ['overTwenty']],
    [{ unfit: true }, ['unfit']],
    [{ soreBack: true, ageYears: 4 }, ['underSix', 'soreBack']],
  ] as const)('%j: %j', (change, wanted) => expect(weightLowerings({ ...horse, ...change })).toEqual(wanted));

  it('is the greatest of them, never their sum', () => {
    expect(loweredBy([])).toBe(0);
    expect(loweredBy(['unfit', 'overTwenty'])).toBe(5);
    expect(weightShare(80, 500, loweredBy(['unfit'])).level).toBe('caution');
    expect(weightShare(80, 500).level).toBe('note');
  });
});

describe('a boot’s sole', () => {
  it('is the one that was measured, else a usual one', () => {
    expect(footOf({})).toEqual(FOOT);
    expect(footOf({ bootSole: 25 }).bootSoleMm).toBe(25);
  });
  it('is no length of the body', () => {
    const body = riderBody({ stature: 1700, bootSole: 25 });
    expect(body.ok && 'bootSole' in body.value).toBe(false);
  });
});

describe('takes over time', () => {
  const make = { kind: 'looped', holes: 16, spacingMm: 20 } as const;
  const take = (takenOn: string, nearMm: number, offMm: number, withdrawn = false) => ({
    ...{ way: 'hang' as const, second: null, takenOn, withdrawn },
    ...{ near: { hole: 8, hangMm: nearMm }, off: { hole: 8, hangMm: offMm } },
  });
  const takes = [take('2026-06-02', 621, 607), take('2024-06-10', 604, 603), take('2026-07-01', 900, 900, true)];

  it('tell what each side stretched from the first that stands to the last', () => {
    const stretch = stretchSinceFirst(make, takes)!;
    expect(stretch.near).toBeCloseTo(17, 9);
    expect(stretch.off).toBeCloseTo(4, 9);
    expect(stretchSinceFirst(make, takes.slice(1))).toBeNull();
  });

  it('are shown with the newest day first, the withdrawn among them, as they were entered within a day', () => {
    expect(newestFirst(takes).map((t) => t.takenOn)).toEqual(['2026-07-01', '2026-06-02', '2024-06-10']);
    const day = [take('2026-06-02', 1, 1), take('2026-06-02', 2, 2)];
    expect(newestFirst(day)).toEqual(day);
  });
});
