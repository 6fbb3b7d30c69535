import { normal, seededRandom } from '../../random';
import { type DayValue, dayNumber, dayOfNumber, leavesTolerance, onePerDay, ordersByInversions, slopeRanks, trendOf } from '..';

describe('Kendall’s distribution', () => {
  it.each([
    [1, [1]],
    [2, [1, 1]],
    [3, [1, 2, 2, 1]],
    [4, [1, 3, 5, 6, 5, 3, 1]],
  ])('of %d things', (n, counts) => expect(ordersByInversions(n)).toEqual(counts));

  it('adds up to all orders, and is its own mirror', () => {
    const counts = ordersByInversions(8);
    expect(counts.reduce((s, c) => s + c, 0)).toBe(40_320);
    expect([...counts].reverse()).toEqual(counts);
  });

  it.each([
    [3, 0, 0.667],
    [4, 0, 0.917],
    [5, 1, 0.917],
    [6, 2, 0.944],
    [8, 6, 0.938],
  ])('%d dates leave out %d slopes at each end and reach %d', (n, leftOut, level) => {
    const ranks = slopeRanks(n);
    expect(ranks.leftOut).toBe(leftOut);
    expect(ranks.level).toBeCloseTo(level, 2);
  });
});

const on = (slope: number, at: number, days: readonly number[]): DayValue[] => days.map((day) => ({ day, value: at + slope * day }));

describe('a trend', () => {
  it('through a line is that line, with nothing on either side', () => {
    const trend = trendOf(on(0.2, 5, [10, 40, 100, 190]))!;
    expect(trend.perDay).toBeCloseTo(0.2, 12);
    expect(trend.atDayZero).toBeCloseTo(5, 9);
    expect(trend.interval!.most - trend.interval!.least).toBeCloseTo(0, 12);
  });

  it('is not pulled off by one slip of the hand', () => {
    const values = on(0.1, 0, [0, 30, 60, 90, 120]);
    const slipped = values.map((v, i) => (i === 2 ? { ...v, value: 500 } : v));
    expect(trendOf(slipped)!.perDay).toBeCloseTo(0.1, 6);
  });

  it('of two or three dates is a direction without an interval; of one it is none', () => {
    expect(trendOf(on(1, 0, [3]))).toBeNull();
    expect(trendOf(on(1, 0, [3, 9]))).toMatchObject({ perDay: 1, dates: 2, interval: null });
    expect(trendOf(on(1, 0, [3, 9, 20]))!.interval).toBeNull();
    expect(trendOf(on(1, 0, [3, 9, 20, 31]))!.interval).not.toBeNull();
  });

  it('counts a day once, at its middle value', () => {
    const values = [
      { day: 5, value: 1 },
      { day: 5, value: 3 },
      { day: 2, value: 0 },
    ];
    expect(onePerDay(values)).toEqual([
      { day: 2, value: 0 },
      { day: 5, value: 2 },
    ]);
    expect(trendOf(values)!.dates).toBe(2);
  });

  it('turned round in time turns its sign', () => {
    const values = [2, 9, 4, 11, 30].map((value, i) => ({ day: i * i * 7, value }));
    const mirrored = values.map((v) => ({ day: -v.day, value: v.value }));
    expect(trendOf(mirrored)!.perDay).toBeCloseTo(-trendOf(values)!.perDay, 12);
    expect(trendOf(mirrored)!.interval!.least).toBeCloseTo(-trendOf(values)!.interval!.most, 12);
  });
});

const SEEDS = 2000;
describe('back-tested on horses whose change and whose hand’s error are known', () => {
  it.each([4, 5, 6, 8])('over %d dates the interval covers the truth as often as it says', (dates) => {
    let covered = 0;
    for (let seed = 0; seed < SEEDS; seed++) {
      const random = seededRandom(seed * 7919 + dates);
      const truth = (random() - 0.5) * 0.1;
      let day = 0;
      const values = Array.from({ length: dates }, () => {
        day += 20 + Math.floor(random() * 60);
        return { day, value: 90 + truth * day + 0.8 * normal(random) };
      });
      const { least, most } = trendOf(values)!.interval!;
      if (least <= truth && truth <= most) covered++;
    }
    expect(Math.abs(covered / SEEDS - slopeRanks(dates).level)).toBeLessThan(0.03);
  });
});

describe('when the tree leaves its tolerance', () => {
  const fits = (value: number) => value < 100;
  const ask = (values: readonly DayValue[], today = 300) => leavesTolerance({ values, today, fits });

  it('is the day the line crosses', () => {
    const leaves = ask(on(0.1, 65, [0, 100, 200, 300]));
    expect(leaves).toMatchObject({ code: 'leaves', day: 350, earlyDay: 350, lateDay: 350 });
  });

  it('is asked no further ahead than the horse was watched, nor than a year', () => {
    expect(ask(on(0.1, 39, [0, 100, 200, 300]))).toMatchObject({ code: 'stays', untilDay: 600 });
    expect(ask(on(0.01, 50, [0, 500, 1000, 2000]), 2000)).toMatchObject({ code: 'stays', untilDay: 2365 });
  });

  it('is early by the interval’s early end, and late is left open where it can’t be said', () => {
    const values = [0, 100, 200, 300].map((day, i) => ({ day, value: 65 + 0.1 * day + [0, 2, -2, 0.5][i]! }));
    const leaves = ask(values);
    if (leaves.code !== 'leaves') throw new Error(leaves.code);
    expect(leaves.earlyDay).toBeLessThan(leaves.day);
    expect(leaves.lateDay === null || leaves.lateDay > leaves.day).toBe(true);
  });

  it('is refused where it can’t be known', () => {
    expect(ask(on(0.1, 65, [0, 100, 200]))).toMatchObject({ code: 'tooFewDates', dates: 3 });
    expect(ask([])).toMatchObject({ code: 'tooFewDates', dates: 0 });
    expect(ask(on(0.1, 80, [0, 100, 200, 300]))).toMatchObject({ code: 'alreadyOut', trend: { perDay: expect.closeTo(0.1, 9) } });
  });
});

describe('civil days', () => {
  it.each([
    ['2026-03-28', '2026-03-29', 1],
    ['2026-10-24', '2026-10-26', 2],
    ['2027-12-31', '2028-01-01', 1],
    ['2028-02-28', '2028-03-01', 2],
    ['2027-02-28', '2027-03-01', 1],
  ])('from %s to %s are %d', (from, to, days) => {
    expect(dayNumber(to) - dayNumber(from)).toBe(days);
    expect(dayOfNumber(dayNumber(from) + days)).toBe(to);
  });
});
