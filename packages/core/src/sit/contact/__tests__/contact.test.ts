import { ENGINE_DEFAULTS } from '../../../schools';
import fc from 'fast-check';
import { seededRandom } from '../../../random';
import { type CellsSource, contactCells, inSeries, measureContact, settle } from '..';

const flat = (): number => 0;
/** A plate over a level back, a along the back and b across, mm; hardening off unless asked for. */
const plate = (a: number, b: number, more: Partial<CellsSource> = {}) =>
  contactCells({ fromXMm: -a / 2, toXMm: a / 2, halfWidthMm: b / 2, stepMm: 2, back: flat, underside: flat, ...more });
const LINEAR = inSeries([2], Infinity);
const load = (downN: number, xMm = 0, yMm = 0) => [{ xMm, yMm, downN }];
const extremes = (p: Float64Array): [number, number] => [Math.min(...p), Math.max(...p)];

describe('springs in series', () => {
  it('give together: 2.5 over 4 is 1.538', () =>
    expect(inSeries([2.5, 4], ENGINE_DEFAULTS.hardeningMm).stiffnessKPaPerMm).toBeCloseTo(1 / (0.4 + 0.25), 9));
});

describe('a flat plate on a flat back', () => {
  const [a, b, W] = [400, 200, 800];

  it('under the middle presses everywhere alike', () => {
    const settled = settle(plate(a, b), LINEAR, load(W));
    const [least, most] = extremes(settled.pressureKPa);
    expect(settled.state).toBe('settled');
    expect(least).toBeCloseTo((W / (a * b)) * 1e3, 6);
    expect(most).toBeCloseTo(least, 6);
    expect(settled.pose.heaveMm).toBeCloseTo(-least / 2, 6);
  });

  it.each([10, 30, 60])('loaded %d mm behind the middle, inside the kern: W/ab (1 + 12 e x / a2)', (e) => {
    const cells = plate(a, b);
    const { pressureKPa, pose } = settle(cells, LINEAR, load(W, e));
    for (let i = 0; i < pressureKPa.length; i += 97) {
      const closed = (W / (a * b)) * (1 + (12 * e * cells.x[i]!) / (a * a)) * 1e3;
      expect(Math.abs(pressureKPa[i]! - closed)).toBeLessThan(0.002 * closed + 0.01);
    }
    expect(pose.pitchDeg).toBeGreaterThan(0);
  });

  it.each([90, 120, 150])('loaded %d mm behind the middle, outside the kern: a triangle 3(a/2 - e) long', (e) => {
    const { pressureKPa } = settle(plate(a, b, { stepMm: 1 }), LINEAR, load(W, e));
    const long = 3 * (a / 2 - e);
    const touching = pressureKPa.filter((p) => p > 0).length;
    expect(touching / b).toBeCloseTo(long, -0.5);
    expect(extremes(pressureKPa)[1]).toBeCloseTo(((2 * W) / (b * long)) * 1e3, 0);
  });

  it('loaded beside itself does not sit', () => {
    expect(settle(plate(a, b), LINEAR, load(W, 260)).state).toBe('doesNotSit');
    expect(settle(plate(a, b), LINEAR, load(W, 0, 140)).state).toBe('doesNotSit');
  });

  it('without weight is unloaded and presses nowhere', () => {
    const { state, pressureKPa } = settle(plate(a, b), LINEAR, []);
    expect(state).toBe('unloaded');
    expect(extremes(pressureKPa)).toEqual([0, 0]);
  });
});

describe('a flat strip on a cylinder', () => {
  it('touches over 2 sqrt(2 R d0) and carries 4/3 k d0 sqrt(2 R d0) a length', () => {
    const [radius, length, k] = [1500, 300, 2];
    const cells = contactCells({
      fromXMm: -length / 2,
      toXMm: length / 2,
      halfWidthMm: 120,
      stepMm: 1,
      back: (_, y) => -(y * y) / (2 * radius),
      underside: flat,
    });
    const { pose, pressureKPa } = settle(
      { ...cells, normalZ: new Float64Array(cells.x.length).fill(1) },
      inSeries([k], Infinity),
      load(400),
    );
    const d0 = -pose.heaveMm;
    const half = Math.sqrt(2 * radius * d0);
    expect(pressureKPa.filter((p) => p > 0).length / length / 2).toBeCloseTo(half, -0.5);
    expect(400 / length).toBeCloseTo((4 / 3) * k * d0 * half * 1e-3, 3);
  });
});

/** A saddle-like underside on a back-like back, with whatever numbers. */
function anything(seed: number) {
  const random = seededRandom(seed);
  const between = (a: number, b: number): number => a + (b - a) * random();
  const [slopeX, dip, near, off, tree, twist] = [
    between(-0.1, 0.1),
    between(-40, 40),
    between(0.2, 1.2),
    between(0.2, 1.2),
    between(-30, 30),
    between(-0.05, 0.05),
  ];
  const back = (x: number, y: number): number => slopeX * x + dip * (x / 200) ** 2 - (y < 0 ? near : off) * (Math.hypot(y, 30) - 30);
  const underside = (x: number, y: number): number =>
    Math.abs(y) < 35 || Math.abs(y) > 110 ? Number.NaN : tree * (x / 200) ** 2 - 0.7 * (Math.hypot(y, 30) - 30) + twist * y;
  const source: CellsSource = { fromXMm: -200, toXMm: 200, halfWidthMm: 120, stepMm: 10, back, underside };
  return {
    source,
    springs: inSeries([2.5, 4], ENGINE_DEFAULTS.hardeningMm),
    loads: load(between(200, 1500), between(-60, 60), between(-20, 20)),
  };
}

describe('any saddle on any back', () => {
  it('balances to 1e-6, or says that it doesn’t sit; never NaN', () => {
    let sat = 0;
    for (let seed = 1; seed <= 600; seed++) {
      const { source, springs, loads } = anything(seed);
      const settled = settle(contactCells(source), springs, loads);
      expect(Object.values(settled.pose).every(Number.isFinite)).toBe(true);
      expect(settled.pressureKPa.every(Number.isFinite)).toBe(true);
      if (settled.state !== 'settled') {
        expect(Math.max(Math.abs(settled.pose.pitchDeg), Math.abs(settled.pose.rollDeg))).toBeGreaterThan(8);
        continue;
      }
      sat++;
      for (const left of Object.values(settled.residual)) expect(Math.abs(left)).toBeLessThan(1e-6);
      expect(measureContact(contactCells(source), settled.pressureKPa).carriedN).toBeGreaterThan(0);
    }
    expect(sat).toBeGreaterThan(300);
  });

  it('a mirrored horse under a mirrored load gives the mirrored answer', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 100_000 }), (seed) => {
        const { source, springs, loads } = anything(seed);
        const mirrored = {
          ...source,
          back: (x: number, y: number) => source.back(x, -y),
          underside: (x: number, y: number) => source.underside(x, -y),
        };
        const a = settle(contactCells(source), springs, loads);
        const b = settle(
          contactCells(mirrored),
          springs,
          loads.map((l) => ({ ...l, yMm: -l.yMm })),
        );
        expect(b.state).toBe(a.state);
        if (a.state !== 'settled') return;
        expect(b.pose.rollDeg).toBeCloseTo(-a.pose.rollDeg, 6);
        expect(b.pose.pitchDeg).toBeCloseTo(a.pose.pitchDeg, 6);
        expect(b.pose.heaveMm).toBeCloseTo(a.pose.heaveMm, 6);
      }),
      { numRuns: 60 },
    );
  });

  it('a symmetrical horse under a middle load has no roll', () => {
    const cells = plate(400, 200, { back: (x, y) => -(y * y) / 400 - (x * x) / 3000 });
    expect(settle(cells, inSeries([2.5, 4], ENGINE_DEFAULTS.hardeningMm), load(900, 25)).pose.rollDeg).toBeCloseTo(0, 9);
  });

  it('warm and cold start come to the same rest, the warm one no later', () => {
    for (let seed = 1; seed <= 60; seed++) {
      const { source, springs, loads } = anything(seed);
      const cells = contactCells(source);
      const cold = settle(cells, springs, loads);
      if (cold.state !== 'settled') continue;
      const close = loads.map((l) => ({ ...l, downN: l.downN * 1.02 }));
      const [warm, again] = [settle(cells, springs, close, cold.pose), settle(cells, springs, close)];
      expect(warm.pose.heaveMm).toBeCloseTo(again.pose.heaveMm, 6);
      expect(warm.pose.pitchDeg).toBeCloseTo(again.pose.pitchDeg, 6);
    }
  });

  it('the energy never rises on the way down, but for its own rounding', () => {
    for (let seed = 1; seed <= 200; seed++) {
      const { source, springs, loads } = anything(seed);
      const energies: number[] = [];
      settle(contactCells(source), springs, loads, null, (energy) => energies.push(energy));
      expect(energies.length).toBeGreaterThan(1);
      energies.slice(1).forEach((energy, i) => expect(energy).toBeLessThanOrEqual(energies[i]! + 1e-11 * Math.abs(energies[i]!)));
    }
  });

  it('a finer grid converges', () => {
    const back = (x: number, y: number): number => -(y * y) / 500 - ((x - 20) * (x - 20)) / 4000;
    const heave = (stepMm: number): number =>
      settle(plate(400, 200, { stepMm, back }), inSeries([2.5, 4], ENGINE_DEFAULTS.hardeningMm), load(800, 10)).pose.heaveMm;
    const [coarse, middle, fine] = [heave(10), heave(5), heave(2.5)];
    expect(Math.abs(fine - middle)).toBeLessThan(Math.abs(middle - coarse) + 1e-9);
    expect(Math.abs(fine - middle)).toBeLessThan(0.02);
  });
});

describe('what a pressure map says', () => {
  it('carries what was loaded, where it was loaded', () => {
    const cells = plate(300, 200, { stepMm: 5 });
    const measures = measureContact(cells, settle(cells, LINEAR, load(600, 20, 5)).pressureKPa);
    expect(measures.carriedN).toBeCloseTo(600, 4);
    expect(measures.centreMm!.x).toBeCloseTo(20, 4);
    expect(measures.centreMm!.y).toBeCloseTo(5, 4);
    expect(measures.off).toBeGreaterThan(measures.near);
    expect(measures.thirds[2]).toBeGreaterThan(measures.thirds[0]);
    expect(measures.thirds.reduce((s, t) => s + t, 0)).toBeCloseTo(1, 9);
    expect(measures.peakKPa).toBeGreaterThanOrEqual(measures.meanKPa);
    expect(measures.p95KPa).toBeLessThanOrEqual(Math.max(...settle(cells, LINEAR, load(600, 20, 5)).pressureKPa));
  });

  it('of nothing is nothing', () => {
    const cells = plate(100, 100, { stepMm: 10 });
    expect(measureContact(cells, new Float64Array(cells.x.length))).toMatchObject({
      carriedN: 0,
      areaCm2: 0,
      meanKPa: 0,
      peakKPa: 0,
      centreMm: null,
    });
  });
});
