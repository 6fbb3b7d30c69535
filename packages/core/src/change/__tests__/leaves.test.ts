import { normal, seededRandom } from '../../random';
import { type DayValue, leavesTolerance, lineDraws } from '..';

const LIMIT = 100;
const fits = (value: number): boolean => value < LIMIT;
const HORSES = 400;
const HAND = 0.8;

/** A horse watched on some dates by a hand that errs; how fast it changes and where it stands today. */
function watched(seed: number, perDay: number, stands: number, dates: number) {
  const random = seededRandom(seed * 104_729 + dates);
  let day = 0;
  const days = Array.from({ length: dates }, () => (day += 20 + Math.floor(random() * 60)));
  const today = days.at(-1)!;
  const values: DayValue[] = days.map((d) => ({ day: d, value: stands + perDay * (d - today) + HAND * normal(random) }));
  return { values, today, leaves: leavesTolerance({ values, today, fits }) };
}
const standing = (seed: number): number => 90 + 9 * seededRandom(seed)();

describe('lines that may be', () => {
  it('are so many and so likely: together one, mirrored the same', () => {
    const values = [3, 8, 4, 11, 9].map((value, i) => ({ day: 30 * i, value }));
    const draws = lineDraws(values);
    expect(draws).toHaveLength(11 * 6);
    expect(draws.reduce((s, d) => s + d.chance, 0)).toBeCloseTo(1, 12);
    const mean = (of: readonly DayValue[]): number => lineDraws(of).reduce((s, d) => s + d.chance * d.perDay, 0);
    expect(mean(values.map((v) => ({ ...v, value: -v.value })))).toBeCloseTo(-mean(values), 12);
  });

  it('of values on one line are that line', () => {
    for (const { perDay, atDayZero } of lineDraws([0, 10, 20, 40].map((day) => ({ day, value: 5 + 0.2 * day })))) {
      expect(perDay).toBeCloseTo(0.2, 9);
      expect(atDayZero).toBeCloseTo(5, 9);
    }
  });
});

describe.each([4, 6, 8])('over %d dates', (dates) => {
  it('a horse that doesn’t change is hardly ever told a date', () => {
    const told = Array.from({ length: HORSES }, (_, i) => watched(i, 0, standing(i), dates).leaves.code);
    expect(told.filter((c) => c === 'leaves').length).toBeLessThan(0.07 * HORSES);
    expect(told.filter((c) => c === 'alreadyOut').length).toBeLessThan(0.07 * HORSES);
  });

  it('one that fills out fast is mostly told one, and the day it leaves lies between early and late', () => {
    let [told, inside] = [0, 0];
    for (let i = 0; i < HORSES; i++) {
      const stands = standing(i);
      const { leaves, today } = watched(i, 0.06, stands, dates);
      if (leaves.code !== 'leaves') continue;
      told++;
      const truth = today + Math.ceil((LIMIT - stands) / 0.06);
      if (leaves.earlyDay <= truth && (leaves.lateDay === null || truth <= leaves.lateDay)) inside++;
    }
    expect(told).toBeGreaterThan(0.4 * HORSES);
    expect(inside / told).toBeGreaterThan(0.86);
  });
});
