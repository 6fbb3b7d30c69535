import {
  COMMON_RANGES,
  DEFAULT_BUILD,
  type DescribedSaddle,
  type UnmeasuredOf,
  UNMEASURED_IDS,
  drawnSaddle,
  fixedAt,
  measureOf,
  measuredMore,
  presentSetup,
  rangeOf,
  saddleProblems,
  unmeasuredOf,
  unmeasuredSources,
  withUnmeasured,
} from '..';
import { seededRandom } from '../../random';

const saddleWith = (unmeasured?: UnmeasuredOf, kind: DescribedSaddle['kind'] = 'english'): DescribedSaddle => ({
  id: 'a',
  kind,
  front: {
    shape: 'round',
    pointLengthMm: 170,
    frontPanelDepthMm: DEFAULT_BUILD.panel.depthFrontMm.present,
    frontChannelMm: 70,
    presentSetting: 1,
    settings: [
      { label: 'a', includedAngleDeg: 85 },
      { label: 'b', includedAngleDeg: 90 },
    ],
  },
  build: unmeasured === undefined ? DEFAULT_BUILD : { ...DEFAULT_BUILD, unmeasured },
});
const every: UnmeasuredOf = Object.fromEntries(UNMEASURED_IDS.map((id) => [id, 'default' as const]));
const setOf = (saddle: DescribedSaddle) => ({ saddle, setup: presentSetup(saddle, 50) });

describe('what nobody measured of a saddle', () => {
  it('is nothing where a saddle says nothing of it', () => {
    expect(unmeasuredOf(saddleWith())).toEqual([]);
    expect(unmeasuredSources(saddleWith())).toEqual([]);
    expect(rangeOf(saddleWith(), 'lengthMm')).toBeNull();
  });

  it('may be anything common, of its kind, or what was said', () => {
    expect(rangeOf(saddleWith({ lengthMm: 'default' }), 'lengthMm')).toEqual(COMMON_RANGES.lengthMm);
    expect(rangeOf(saddleWith({ lengthMm: 'default' }, 'western'), 'lengthMm')![1]).toBeGreaterThan(COMMON_RANGES.lengthMm[1]);
    expect(rangeOf(saddleWith({ bevelMm: 'default' }, 'western'), 'bevelMm')).toEqual(COMMON_RANGES.bevelMm);
    expect(rangeOf(saddleWith({ lengthMm: [340, 360] }), 'lengthMm')).toEqual([340, 360]);
  });

  it.each(UNMEASURED_IDS)('%s: what a new saddle stands at is within what is common, and moves alone', (id) => {
    const saddle = saddleWith();
    const value = measureOf(saddle, id);
    const [least, most] = COMMON_RANGES[id];
    expect(value).toBeGreaterThanOrEqual(least);
    expect(value).toBeLessThanOrEqual(most);
    const more = measuredMore(setOf(saddle), id, 3);
    for (const other of UNMEASURED_IDS)
      expect(measureOf(more.saddle, other)).toBeCloseTo(measureOf(saddle, other) + (other === id ? 3 : 0), 9);
    expect(saddleProblems(more.saddle)).toEqual([]);
  });

  it('moved, moves what it is set to, every width, and the front that says it as well', () => {
    const set = setOf(saddleWith());
    expect(measuredMore(set, 'curveMm', 2).setup.curveMm).toBe(set.setup.curveMm + 2);
    expect(measuredMore(set, 'depthRearMm', 2).setup.rearDepthMm).toBe(set.setup.rearDepthMm + 2);
    const deeper = measuredMore(set, 'depthFrontMm', 2);
    expect([deeper.setup.frontDepthMm, deeper.saddle.front.frontPanelDepthMm]).toEqual([
      set.setup.frontDepthMm + 2,
      set.setup.frontDepthMm + 2,
    ]);
    expect(measuredMore(set, 'includedAngleDeg', -4).saddle.front.settings.map((s) => s.includedAngleDeg)).toEqual([81, 86]);
    const settable = { ...saddleWith(), build: withCurve({ kind: 'range', present: 20, least: 10, most: 30, step: 5 }) };
    expect(measuredMore(setOf(settable), 'curveMm', 2).saddle.build.frame.curveMm).toMatchObject({ present: 22, least: 12, most: 32 });
  });

  it.each([
    [320, 380],
    [350, 410],
    [290, 350],
    [350, 350],
  ] as const)('from %d to %d: two places within stand for all of it, to the mean of its squares about what it stands at', (least, most) => {
    const saddle = saddleWith({ lengthMm: [least, most] });
    const [source] = unmeasuredSources(saddle);
    const lengths = source!.ways(setOf(saddle)).map((set) => set.saddle.build.frame.lengthMm);
    const meanSquare = (values: readonly number[]): number => values.reduce((s, v) => s + (v - 350) ** 2, 0) / values.length;
    expect(meanSquare(lengths)).toBeCloseTo((most - least) ** 2 / 12 + ((least + most) / 2 - 350) ** 2, 9);
    for (const length of lengths) expect(length).toBe(Math.min(most, Math.max(least, length)));
  });

  it('is drawn evenly from its range, one saddle for all its settings', () => {
    const saddle = saddleWith(every);
    const random = seededRandom(4);
    const lengths = Array.from({ length: 400 }, () => drawnSaddle(saddle, random)(presentSetup(saddle, 50)).saddle.build.frame.lengthMm);
    const [least, most] = COMMON_RANGES.lengthMm;
    expect(Math.min(...lengths)).toBeGreaterThanOrEqual(least);
    expect(Math.max(...lengths)).toBeLessThanOrEqual(most);
    expect(lengths.filter((l) => l < (least + most) / 2).length / 400).toBeCloseTo(0.5, 1);
    const one = drawnSaddle(saddle, random);
    expect(one({ ...presentSetup(saddle, 50), width: 0 }).saddle).toEqual(one(presentSetup(saddle, 70)).saddle);
  });

  it('said to be measured is gone from the list; a range without the number in it is refused by name', () => {
    const build = withUnmeasured(saddleWith(every).build, 'lengthMm', null);
    expect(unmeasuredOf({ build })).toEqual(UNMEASURED_IDS.filter((id) => id !== 'lengthMm'));
    expect(unmeasuredOf({ build: withUnmeasured(DEFAULT_BUILD, 'massKg', [6, 9]) })).toEqual(['massKg']);
    expect(saddleProblems(saddleWith({ lengthMm: [350, 350] }))).toEqual([]);
    for (const range of [
      [351, 380],
      [300, 349],
    ] as const) {
      expect(saddleProblems(saddleWith({ lengthMm: range }))).toEqual([
        expect.objectContaining({
          code: 'SADDLE_RANGE_WITHOUT_VALUE',
          values: { measure: 'lengthMm', value: 350, least: range[0], most: range[1] },
        }),
      ]);
    }
  });
});

const withCurve = (curveMm: DescribedSaddle['build']['frame']['curveMm']): DescribedSaddle['build'] => ({
  ...DEFAULT_BUILD,
  frame: { ...DEFAULT_BUILD.frame, curveMm },
});

it('a fixed property stays fixed', () =>
  expect(measuredMore(setOf(saddleWith()), 'curveMm', 1).saddle.build.frame.curveMm).toEqual(fixedAt(21)));
