import { type FitOnDay } from '../../care';
import { CHAIN_ERROR_MM, type ChainStep, chainMove, forecastsHeld } from '../improving';

const step = (more: Partial<ChainStep>): ChainStep => ({
  on: '2026-01-01',
  witherMm: 40,
  frontMm: 36,
  straps: ['first', 'second'],
  ...more,
});

describe('a horse that improves', () => {
  it.each([
    ['withers up, front down, straps back', { witherMm: 46, frontMm: 32, straps: ['second', 'third'] }, true],
    ['withers up alone', { witherMm: 46 }, true],
    ['withers up by no more than the hand errs', { witherMm: 40 + CHAIN_ERROR_MM }, false],
    ['just more than that', { witherMm: 40 + CHAIN_ERROR_MM + 0.1 }, true],
    ['withers up, but the front lifted', { witherMm: 46, frontMm: 37 }, false],
    ['withers up, but the straps forward', { witherMm: 46, straps: ['point', 'first'] }, false],
    ['withers down', { witherMm: 33 }, false],
    ['withers not measured', { witherMm: null, frontMm: 20 }, false],
    ['front not known', { witherMm: 46, frontMm: null }, true],
  ] as const)('%s', (_, after, improving) => expect(chainMove(step({}), step(after as Partial<ChainStep>)).improving).toBe(improving));

  it('tells each move with its sign, and none where one end isn’t known', () => {
    expect(chainMove(step({}), step({ witherMm: 44, frontMm: 30, straps: ['second', 'rear'] }))).toMatchObject({
      witherMm: 4,
      frontMm: -6,
      strapsBack: 1.5,
    });
    expect(chainMove(step({ straps: null, witherMm: null }), step({ frontMm: null }))).toMatchObject({
      witherMm: null,
      frontMm: null,
      strapsBack: null,
    });
    expect(chainMove(step({}), step({ straps: [] })).strapsBack).toBeNull();
  });
});

describe('forecasts held against what came', () => {
  const on = (values: readonly number[]): FitOnDay[] =>
    values.map((value, i) => ({ day: 30 * i, values: [{ id: 'frontEven', value, least: -3, most: 3 }] }));
  it('there are none before the fifth date', () => expect(forecastsHeld(on([0, 1, 2, 3]))).toEqual([]));
  it('a change that goes on as it did is what was foretold', () => {
    const [held] = forecastsHeld(on([0, 0.9, 2.1, 3, 4]));
    expect(held).toMatchObject({ dates: 4, came: 4, held: true, day: 120 });
    expect(held!.expected).toBeCloseTo(4, 0);
  });
  it('one that turns is not, and the next is foretold from all before it', () => {
    const held = forecastsHeld(on([0, 1, 2, 3, -2, -2]));
    expect(held.map((h) => [h.dates, h.held])).toEqual([
      [4, false],
      [5, expect.any(Boolean)],
    ]);
  });
  it('what comes at the very edge counts as held', () => {
    const [edge] = forecastsHeld(on([0, 1, 2, 3, 4]));
    expect(edge).toMatchObject({ least: edge!.most, came: 4, held: true });
  });
});
