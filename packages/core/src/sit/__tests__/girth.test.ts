import { presentSetup } from '../../saddle';
import { ENGINE_DEFAULTS } from '../../schools';
import { girthLoads, legsOf, strapPulls, strapsLeanDeg } from '..';
import { saddleFor } from './invented-horses';

const V = ENGINE_DEFAULTS.strapV;
const saddle = saddleFor(90);
const withStraps = (straps: { xMm: number; hang?: 'fixed' | 'v' | 'sliding' }[]) => ({
  ...saddle,
  build: {
    ...saddle.build,
    straps: straps.map(({ xMm, hang = 'fixed' }, i) => ({ id: (['first', 'second'] as const)[i]!, xMm, yMm: 145, belowMm: 90, hang })),
  },
});
const pulls = (straps: Parameters<typeof withStraps>[0], grooveMm: number | null, pullN = 40) => {
  const made = withStraps(straps);
  return strapPulls(made, { ...presentSetup(made, 50), straps: made.build.straps.map((s) => s.id) }, grooveMm, pullN, ENGINE_DEFAULTS);
};

describe('a girth of two buckles', () => {
  it('under its straps: each hangs straight, 0 degrees and 0 N along', () => {
    const [first, second] = pulls([{ xMm: 60 }, { xMm: 100 }], 50 + 80);
    for (const p of [first!, second!]) {
      expect(p.leanDeg).toBeCloseTo(0, 12);
      expect(p.alongN).toBeCloseTo(0, 12);
    }
  });

  it('a groove further forward pulls both toward the head, further back toward the tail', () => {
    for (const [groove, sign] of [
      [90, -1],
      [170, 1],
    ] as const) {
      const all = pulls([{ xMm: 60 }, { xMm: 100 }], groove);
      for (const p of all) expect(Math.sign(p.alongN)).toBe(sign);
      expect(Math.sign(strapsLeanDeg(all))).toBe(-sign);
    }
  });

  it('pulls with its whole tension: down, along and outward together', () => {
    const [p] = pulls([{ xMm: 60 }], 60, 40);
    expect(Math.hypot(p!.downN / 2, p!.alongN / 2, p!.outwardN)).toBeCloseTo(40, 9);
  });

  it('without a groove the straps hang plumb, whatever their distance', () =>
    expect(pulls([{ xMm: 30 }, { xMm: 200 }], null).every((p) => p.leanDeg === 0)).toBe(true));

  it('on both sides alike: what it pulls outward cancels, what it pulls down adds', () => {
    const loads = girthLoads(pulls([{ xMm: 60 }, { xMm: 100 }], 90), 0);
    expect(loads.reduce((s, l) => s + l.forceY, 0)).toBeCloseTo(0, 12);
    expect(loads).toHaveLength(4);
    expect(-loads.reduce((s, l) => s + l.forceZ, 0)).toBeCloseTo(
      pulls([{ xMm: 60 }, { xMm: 100 }], 90).reduce((s, p) => s + p.downN, 0),
      9,
    );
  });
});

describe('a V strap', () => {
  it('under a buckle straight below is itself in the middle, both legs alike, whether it slides or not', () => {
    for (const hang of ['v', 'sliding'] as const) {
      const { x, drop, shares } = legsOf(hang, 0, 330, V);
      expect(x).toBeCloseTo(0, 4);
      expect(drop).toBeCloseTo(V.ringBelowMm, 4);
      expect(shares[0]).toBeCloseTo(shares[1], 9);
      // both legs together hold the pull straight down
      const leg = Math.hypot(V.spreadMm / 2, V.ringBelowMm);
      expect((2 * shares[0] * V.ringBelowMm) / leg).toBeCloseTo(1, 6);
    }
  });

  it('sliding, the ring goes toward the buckle and both legs still pull alike', () => {
    const ahead = legsOf('sliding', -120, 330, V);
    const behind = legsOf('sliding', 120, 330, V);
    expect(ahead.x).toBeLessThan(-10);
    expect(behind.x).toBeCloseTo(-ahead.x, 4);
    expect(ahead.shares[0]).toBe(ahead.shares[1]);
    // the loop keeps its length
    const loop = Math.hypot(ahead.x + V.spreadMm / 2, ahead.drop) + Math.hypot(ahead.x - V.spreadMm / 2, ahead.drop);
    expect(loop).toBeCloseTo(2 * Math.hypot(V.spreadMm / 2, V.ringBelowMm), 6);
    // and the pull halves the angle between them
    const toward = (end: number) => Math.atan2(ahead.x - end, ahead.drop);
    const pull = Math.atan2(-120 - ahead.x, 330 - ahead.drop);
    expect((toward(-V.spreadMm / 2) + toward(V.spreadMm / 2)) / 2).toBeCloseTo(pull, 4);
  });

  it('fixed, the leg toward which it is pulled across carries less, until the other carries all', () => {
    const within = legsOf('v', -40, 330, V);
    expect(within.x).toBe(0);
    expect(within.shares[1]).toBeGreaterThan(within.shares[0]);
    const past = legsOf('v', -160, 330, V);
    expect(past.shares).toEqual([0, 1]);
    expect(past.x).toBe(V.spreadMm / 2);
    expect(legsOf('v', 160, 330, V).shares).toEqual([1, 0]);
  });

  it('a sliding V moves where the saddle is pulled; the size of the pull is the girth’s', () => {
    const [plain] = pulls([{ xMm: 100, hang: 'fixed' }], 90);
    const [sliding] = pulls([{ xMm: 100, hang: 'sliding' }], 90);
    expect(sliding!.xMm).toBeLessThan(plain!.xMm);
    expect(Math.hypot(sliding!.downN / 2, sliding!.alongN / 2, sliding!.outwardN)).toBeCloseTo(40, 9);
    expect(sliding!.legsN![0]).toBeCloseTo(sliding!.legsN![1], 9);
    expect(plain!.legsN).toBeNull();
  });
});
