import { type ValueErrors, judgeSitting, sitRow } from '..';
import { STATIC, madeInput } from './made-input';

const least = STATIC.rules.withersOver.least;
const most = STATIC.rules.withersOver.most!;
const error = (half: number) => ({ half, mostly: null });
const row = (value: number, half: number) => sitRow('withersOver', value, STATIC.rules.withersOver, error(half));

describe('a limit and the error of the hand', () => {
  it.each([
    ['just outside the interval', least - 2.41, 2.4, 'lookOut', true],
    ['just inside the interval', least - 2.39, 2.4, 'borderline', false],
    ['on the limit', least, 2.4, 'borderline', false],
    ['just inside the interval above', least + 2.39, 2.4, 'borderline', false],
    ['clear above', least + 2.41, 2.4, 'good', false],
    ['near the upper end', most + 1, 2.4, 'borderline', false],
    ['clear above the upper end', most + 2.5, 2.4, 'lookOut', false],
    ['a hair below with no error', least - 0.01, 0, 'lookOut', true],
  ] as const)('%s', (_, value, half, verdict, stops) => {
    const told = row(value, half);
    // a hard stop that is missed clearly is bad however little it is
    expect([told.verdict, told.stops]).toEqual([stops ? 'bad' : verdict, stops]);
  });

  it('bad begins a scale outside, clear of the error: until then it is to be looked out for', () => {
    const { scale } = STATIC.rules.withersOver;
    const above = (scales: number, half: number) => row(most + scales * scale, half).verdict;
    expect([above(0.99, 0), above(1.01, 0)]).toEqual(['lookOut', 'bad']);
    const half = 0.4 * scale;
    expect([above(1.01, half), above(1.39, half), above(1.41, half)]).toEqual(['lookOut', 'lookOut', 'bad']);
  });

  it('what it costs doesn’t hang on the error', () => expect(row(30, 9).costs).toBe(row(30, 0).costs));

  it('refuses only where it is clear', () => {
    const input = madeInput({ withers: { overMm: least - 2, overAtMm: 0, besideMm: { near: 30, off: 30 } } });
    const judge = (errors: ValueErrors) => judgeSitting(input, STATIC, errors).stops.map((r) => r.id);
    expect(judge({})).toEqual(['withersOver']);
    expect(judge({ withersOver: error(1.9) })).toEqual(['withersOver']);
    expect(judge({ withersOver: error(2.1) })).toEqual([]);
  });
});
