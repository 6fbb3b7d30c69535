import { COMPLAINTS } from '../../intake';
import { SCHOOLS } from '../../schools';
import { COMPLAINED, COMPLAINT_RULES, judgeSitting, nearness, weighedFor } from '..';
import { STATIC, madeInput } from './made-input';

const BAND = { least: -8, most: 8, scale: 4, weight: 1, hardStop: 'never' } as const;
const FLOOR = { ...BAND, least: 36, most: null };
const CEILING = { ...BAND, least: null, most: 3 };

describe('how near a number lies to the end that was complained of', () => {
  it.each([
    ['middle of a band', 0, BAND, 'either', 0],
    ['half the way', 4, BAND, 'either', 0.5],
    ['the other end', -8, BAND, 'high', 0],
    ['its own end', -8, BAND, 'low', 1],
    ['at the limit', 8, BAND, 'high', 1],
    ['past it', 12, BAND, 'high', 1],
    ['a scale above a floor', 40, FLOOR, 'low', 0],
    ['just over a floor', 37, FLOOR, 'low', 0.75],
    ['a floor has no high end', 100, FLOOR, 'high', 0],
    ['a scale under a ceiling', -1, CEILING, 'high', 0],
    ['just under a ceiling', 2, CEILING, 'either', 0.75],
    ['a ceiling has no low end', 2, CEILING, 'low', 0],
  ] as const)('%s', (_, value, rule, to, wanted) => expect(nearness(value, rule, to)).toBeCloseTo(wanted, 9));
});

describe('a school with a complaint in mind', () => {
  it('is the same school where nobody complained', () => {
    expect(weighedFor(STATIC, [])).toBe(STATIC);
    expect(judgeSitting(madeInput({ pulls: [{ leanDeg: 4 }] }), STATIC).score).toBe(100);
  });

  it.each(COMPLAINTS)(
    '%s: what would explain it counts more in every school that has a rule for it, and nothing else changes',
    (complaint) => {
      for (const school of SCHOOLS) {
        const weighed = weighedFor(school, [{ complaint }]);
        const ids = COMPLAINT_RULES[complaint].rows.map(([id]) => id).filter((id) => school.rules[id] !== undefined);
        expect(Object.keys(weighed.weighed ?? {}).sort()).toEqual([...new Set(ids)].sort());
        for (const [id, rule] of Object.entries(school.rules)) {
          const now = weighed.rules[id as keyof typeof weighed.rules]!;
          const times = ids.includes(id as never) ? Math.max(COMPLAINED.leastWeight, COMPLAINED.times * rule.weight) : rule.weight;
          expect(now).toEqual({ ...rule, weight: times });
        }
      }
    },
  );

  it('two complaints of the two ends of a number weigh both', () =>
    expect(weighedFor(STATIC, [{ complaint: 'slidesForward' }, { complaint: 'slidesBack' }]).weighed).toMatchObject({
      strapLean: 'either',
    }));

  it('of two settings within all limits the one that pulls forward less scores better, and only for a horse whose saddle runs forward', () => {
    const forward = weighedFor(STATIC, [{ complaint: 'slidesForward' }]);
    const score = (along: number, school = forward): number =>
      judgeSitting(madeInput({ pulls: [{ leanDeg: 0 }], drift: { along } }), school).score;
    expect(score(-0.11)).toBeGreaterThan(score(-0.18));
    expect(score(0.18)).toBeGreaterThan(score(-0.18));
    expect(score(-0.18, STATIC)).toBe(score(-0.11, STATIC));
    // the same in front of the limit and at it: no step
    expect(score(-0.499)).toBeCloseTo(score(-0.501), 1);
  });

  it('what is missed costs twice as much', () => {
    const lost = (leanDeg: number, school = STATIC): number => 100 - judgeSitting(madeInput({ pulls: [{ leanDeg }] }), school).score;
    const weighed = weighedFor(STATIC, [{ complaint: 'wontStandToGirth' }]);
    const inside = lost(8, weighed);
    expect(lost(12)).toBeGreaterThan(0);
    expect(lost(12, weighed) - inside).toBeCloseTo(COMPLAINED.times * lost(12), 6);
  });
});
