import {
  DEFAULT_BUILD,
  type DescribedSaddle,
  configurationCount,
  configurations,
  middleSetup,
  settingValues,
  steppedValue,
  strapPairs,
} from '..';

const saddle: DescribedSaddle = {
  id: 's',
  kind: 'english',
  front: {
    shape: 'round',
    pointLengthMm: 170,
    frontPanelDepthMm: 30,
    frontChannelMm: 70,
    presentSetting: 0,
    settings: [80, 85, 90, 95, 100].map((includedAngleDeg) => ({ label: `${includedAngleDeg}`, includedAngleDeg })),
  },
  build: {
    ...DEFAULT_BUILD,
    frame: { ...DEFAULT_BUILD.frame, curveMm: { kind: 'options', present: 8, options: [35, 8, 20] } },
    panel: { ...DEFAULT_BUILD.panel, depthRearMm: { kind: 'range', present: 42, least: 34, most: 54, step: 4 } },
  },
};

describe('what a property can be set to', () => {
  it('is one value, even steps inside a range, or a list in order', () => {
    expect(settingValues({ kind: 'fixed', present: 7 })).toEqual([7]);
    expect(settingValues({ kind: 'range', present: 34, least: 34, most: 45, step: 4 })).toEqual([34, 38, 42]);
    expect(settingValues({ kind: 'options', present: 8, options: [35, 8, 20, 8] })).toEqual([8, 20, 35]);
  });

  it('steps to the next real value and stops at the ends', () => {
    const range = { kind: 'range', present: 34, least: 34, most: 42, step: 4 } as const;
    expect(steppedValue(range, 34, 1)).toBe(38);
    expect(steppedValue(range, 42, 1)).toBeNull();
    expect(steppedValue(range, 34, -1)).toBeNull();
  });

  it('is thinned where its steps are too fine to walk', () => {
    expect(settingValues({ kind: 'range', present: 0, least: 0, most: 1000, step: 0.5 }).length).toBeLessThanOrEqual(61);
  });
});

describe('makeable configurations', () => {
  const all = [...configurations(saddle, 55)];

  it('are every combination once', () => {
    expect(configurationCount(saddle)).toBe(5 * 3 * 6);
    expect(all).toHaveLength(90);
    expect(new Set(all.map((s) => JSON.stringify(s))).size).toBe(90);
  });

  it('begin in the middle of every range and go outward', () => {
    const middle = middleSetup(saddle, 55);
    expect(all[0]).toEqual(middle);
    const steps = (s: (typeof all)[number]): number =>
      Math.abs(s.width - middle.width) +
      Math.abs([8, 20, 35].indexOf(s.curveMm) - 1) +
      Math.abs([34, 38, 42, 46, 50, 54].indexOf(s.rearDepthMm) - 2);
    const distances = all.map(steps);
    expect(distances).toEqual([...distances].sort((a, b) => a - b));
  });

  it('are made one at a time', () => {
    const lazy = configurations(saddle, 55);
    expect(lazy.next().done).toBe(false);
    expect(lazy.return(undefined).done).toBe(true);
  });
});

describe('strap pairs', () => {
  it('always keep a V strap in use', () => {
    const pairs = strapPairs(DEFAULT_BUILD.straps);
    expect(pairs.length).toBe(3);
    for (const pair of pairs) expect(pair).toContain('rear');
  });

  it('are any two where none is shared, and the one there is where there is one', () => {
    const fixed = DEFAULT_BUILD.straps.filter((s) => s.hang === 'fixed');
    expect(strapPairs(fixed)).toHaveLength(3);
    expect(strapPairs(fixed.slice(0, 1))).toEqual([['point']]);
    expect(strapPairs([])).toEqual([[]]);
  });
});

describe('a head that can be made in several shapes', () => {
  const heads = { ...saddle, front: { ...saddle.front, otherShapes: ['broad', 'peaked'] as const } };

  it('adds its shapes to what can be made, its own first', () => {
    expect(configurationCount(heads)).toBe(3 * configurationCount(saddle));
    const all = [...configurations(heads, 50)];
    expect(new Set(all.map((c) => JSON.stringify(c))).size).toBe(all.length);
    expect(all[0]!.shape ?? 'round').toBe('round');
    expect(new Set(all.map((c) => c.shape ?? 'round'))).toEqual(new Set(['peaked', 'round', 'broad']));
  });

  it('one that can’t be changed has no such step', () => {
    expect([...configurations(saddle, 50)].every((c) => c.shape === undefined)).toBe(true);
  });
});
