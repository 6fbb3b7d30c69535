import fc from 'fast-check';
import { seededRandom } from '../../../random';
import { N_PER_KPA_MM2, inSeries, measureContact, settle } from '..';
import { type SettleJob } from '../settle';
import { HELD, SLICK, down, jobOf, panelOf } from './made-panel';

const flat = (): number => 0;
const PLATE = { lengthMm: 400, acrossMm: 200, stepMm: 5 };
const extremes = (p: Float64Array): [number, number] => [Math.min(...p), Math.max(...p)];
const gridOf = ({ panel }: SettleJob, stepMm = 5) => ({
  ...panel,
  stepMm,
  countX: Math.round(400 / stepMm),
  countY: Math.round(200 / stepMm),
});

describe('springs in series', () => {
  it('give together: 2.5 over 4 is 1.538', () => expect(inSeries([2.5, 4], 25).stiffnessKPaPerMm).toBeCloseTo(1 / (0.4 + 0.25), 9));
});

describe('a flat plate on a flat back', () => {
  const [a, b, W] = [400, 200, 800];

  it('under the middle presses everywhere alike', () => {
    const settled = settle(jobOf(flat, PLATE, [down(W)]));
    const [least, most] = extremes(settled.cells.pressureKPa);
    expect(settled.state).toBe('settled');
    expect(least).toBeCloseTo((W / (a * b)) * 1e3, 6);
    expect(most).toBeCloseTo(least, 6);
    expect(settled.pose.heaveMm).toBeCloseTo(-least / 2, 6);
  });

  it.each([10, 30, 60])('loaded %d mm behind the middle, inside the kern: W/ab (1 + 12 e x / a2)', (e) => {
    const { cells, pose } = settle(jobOf(flat, PLATE, [down(W, e)]));
    for (let i = 0; i < cells.pressureKPa.length; i += 97) {
      const closed = (W / (a * b)) * (1 + (12 * e * cells.x[i]!) / (a * a)) * 1e3;
      expect(Math.abs(cells.pressureKPa[i]! - closed)).toBeLessThan(0.004 * closed + 0.02);
    }
    expect(pose.pitchDeg).toBeGreaterThan(0);
  });

  it.each([90, 120])('loaded %d mm behind the middle, outside the kern: a triangle 3(a/2 - e) long', (e) => {
    const { cells } = settle(jobOf(flat, { ...PLATE, stepMm: 2 }, [down(W, e)]));
    const long = 3 * (a / 2 - e);
    const touching = cells.pressureKPa.filter((p) => p > 0).length * 4;
    expect(Math.abs(touching / b - long)).toBeLessThan(4);
    expect(Math.abs(extremes(cells.pressureKPa)[1] - ((2 * W) / (b * long)) * 1e3)).toBeLessThan(0.02 * ((2 * W) / (b * long)) * 1e3);
  });

  it('loaded beside itself does not sit, and goes to that side', () => {
    expect(settle(jobOf(flat, PLATE, [down(W, 260)]))).toMatchObject({ state: 'doesNotSit', leaves: { how: 'turns', towards: 'tail' } });
    expect(settle(jobOf(flat, PLATE, [down(W, -260)]))).toMatchObject({ state: 'doesNotSit', leaves: { towards: 'head' } });
    expect(settle(jobOf(flat, PLATE, [down(W, 0, 140)]))).toMatchObject({ state: 'doesNotSit', leaves: { how: 'turns', towards: 'off' } });
    expect(settle(jobOf(flat, PLATE, [down(W, 0, -140)]))).toMatchObject({ state: 'doesNotSit', leaves: { towards: 'near' } });
  });

  it('without weight is unloaded and presses nowhere', () => {
    const { state, cells } = settle(jobOf(flat, PLATE, []));
    expect(state).toBe('unloaded');
    expect(extremes(cells.pressureKPa)).toEqual([0, 0]);
  });
});

describe('a flat strip on a cylinder', () => {
  it('touches over 2 sqrt(2 R d0) and carries 4/3 k d0 sqrt(2 R d0) a length', () => {
    const [radius, length] = [1500, 300];
    const back = (_: number, y: number): number => -(y * y) / (2 * radius);
    const job = jobOf(back, { lengthMm: length, acrossMm: 240, stepMm: 2 }, [down(400)]);
    const level = { ...job, panel: { ...job.panel, normalZ: job.panel.normalZ.map(() => 1) } };
    const { pose } = settle(level);
    const d0 = -pose.heaveMm;
    expect(400 / length).toBeCloseTo((4 / 3) * 2 * d0 * Math.sqrt(2 * radius * d0) * 1e-3, 2);
  });
});

/** A saddle-like underside on a back-like back, with whatever numbers. */
function anything(seed: number): { readonly job: SettleJob; readonly mirrored: SettleJob } {
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
  const [W, x, y] = [between(200, 1500), between(-60, 60), between(-20, 20)];
  const make = (flip: 1 | -1): SettleJob =>
    jobOf(
      (px, py) => back(px, flip * py),
      { lengthMm: 400, acrossMm: 240, stepMm: 10, underside: (px, py) => underside(px, flip * py), stiffnessKPaPerMm: 1.5 },
      [down(W, x, flip * y, 60)],
      { law: HELD, locked: [] },
    );
  return { job: make(1), mirrored: make(-1) };
}

/** Forces and moments about the origin, summed again from what is returned, as shares of the weight. */
function summedAgain({ cells, struck, loads }: ReturnType<typeof settle>, { panel }: SettleJob): number {
  const sum = [0, 0, 0, 0, 0, 0];
  const add = (x: number, y: number, z: number, fx: number, fy: number, fz: number): void => {
    [fx, fy, fz, y * fz - z * fy, z * fx - x * fz, x * fy - y * fx].forEach((v, k) => (sum[k]! += k < 3 ? v : v / 100));
  };
  for (let i = 0; i < panel.count; i++) {
    const area = panel.areaMm2[i]! * N_PER_KPA_MM2;
    const p = cells.pressureKPa[i]!;
    const on = (n: number, t: number): number => area * (p * n + t);
    add(
      struck.x[i]!,
      struck.y[i]!,
      struck.z[i]!,
      on(struck.nx[i]!, cells.shearX[i]!),
      on(struck.ny[i]!, cells.shearY[i]!),
      on(struck.nz[i]!, cells.shearZ[i]!),
    );
  }
  for (const l of loads) add(l.x, l.y, l.z, l.forceX, l.forceY, l.forceZ);
  const weight = -loads.reduce((s, l) => s + l.forceZ, 0);
  return Math.max(...sum.map(Math.abs)) / weight;
}

describe('any saddle on any back', () => {
  it('balances to 1e-6 summed again from what it returns, or says that it doesn’t stay; never NaN', () => {
    let sat = 0;
    for (let seed = 1; seed <= 80; seed++) {
      const { job } = anything(seed);
      const settled = settle(job);
      expect(Object.values(settled.pose).every(Number.isFinite)).toBe(true);
      expect(settled.cells.pressureKPa.every(Number.isFinite)).toBe(true);
      if (settled.state !== 'settled') {
        expect(settled.leaves).not.toBeNull();
        continue;
      }
      sat++;
      expect(summedAgain(settled, job)).toBeLessThan(1e-6);
      expect(measureContact(gridOf(job, 10), settled.cells).carriedN).toBeGreaterThan(0);
    }
    expect(sat).toBeGreaterThan(25);
  });

  it('no cell holds more along the skin than friction times what it presses with', () => {
    for (let seed = 1; seed <= 20; seed++) {
      const { cells } = settle(anything(seed).job);
      cells.pressureKPa.forEach((p, i) => {
        const held = Math.hypot(cells.shearX[i]!, cells.shearY[i]!, cells.shearZ[i]!);
        expect(held).toBeLessThanOrEqual(HELD.friction * p + 1e-9);
      });
    }
  });

  it('a mirrored horse under a mirrored load gives the mirrored answer', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 100_000 }), (seed) => {
        const { job, mirrored } = anything(seed);
        const [a, b] = [settle(job), settle(mirrored)];
        expect(b.state).toBe(a.state);
        if (a.state !== 'settled') return;
        const [p, q] = [a.pose, b.pose];
        for (const way of ['heaveMm', 'surgeMm', 'pitchDeg'] as const) expect(Math.abs(q[way] - p[way])).toBeLessThan(0.02);
        for (const way of ['swayMm', 'rollDeg', 'yawDeg'] as const) expect(Math.abs(q[way] + p[way])).toBeLessThan(0.02);
        expect(Math.abs(b.travelled.acrossMm + a.travelled.acrossMm)).toBeLessThan(0.02);
      }),
      { numRuns: 16 },
    );
  });

  it('a symmetrical horse under a middle load has no roll, sway or yaw', () => {
    const { pose } = settle(jobOf((x, y) => -(y * y) / 400 - (x * x) / 3000, PLATE, [down(900, 25)], { law: HELD, locked: [] }));
    for (const way of ['rollDeg', 'swayMm', 'yawDeg'] as const) expect(pose[way]).toBeCloseTo(0, 6);
  });

  it('warm and cold start come to the same rest', () => {
    for (let seed = 1; seed <= 20; seed++) {
      const { job } = anything(seed);
      const cold = settle(job);
      if (cold.state !== 'settled') continue;
      const heavier = { ...job, loads: job.loads.map((l) => ({ ...l, forceZ: l.forceZ * 1.02 })) };
      const [warm, again] = [settle({ ...heavier, warm: cold.pose }), settle(heavier)];
      expect(Math.abs(warm.pose.heaveMm - again.pose.heaveMm)).toBeLessThan(0.1);
      expect(Math.abs(warm.pose.pitchDeg - again.pose.pitchDeg)).toBeLessThan(0.03);
      expect(Math.abs(warm.pose.rollDeg - again.pose.rollDeg)).toBeLessThan(0.03);
    }
  });

  it('a finer grid converges', () => {
    const back = (x: number, y: number): number => -(y * y) / 500 - ((x - 20) * (x - 20)) / 4000;
    const heave = (stepMm: number): number => settle(jobOf(back, { ...PLATE, stepMm }, [down(800, 10)], { law: HELD })).pose.heaveMm;
    const [coarse, middle, fine] = [heave(10), heave(5), heave(2.5)];
    expect(Math.abs(fine - middle)).toBeLessThan(Math.abs(middle - coarse) + 0.02);
    expect(Math.abs(fine - middle)).toBeLessThan(0.03);
  });
});

describe('a tree that gives', () => {
  const hollow = (x: number): number => (18 * x * x) / 40_000;
  const on = (nmPerDeg: number | null) =>
    settle(
      jobOf(hollow, PLATE, [down(800)], {
        law: SLICK,
        tree: nmPerDeg === null ? null : { bendNmPerDeg: nmPerDeg, openNmPerDeg: 1e9, bendZAt: (x) => x ** 2 / 800 },
      }),
    );
  const middle = ({ cells }: ReturnType<typeof settle>): number => {
    const share = (inside: (x: number) => boolean) => cells.pressureKPa.reduce((s, p, i) => s + (inside(cells.x[i]!) ? p : 0), 0);
    return share((x) => Math.abs(x) < 67) / share(() => true);
  };

  it('bridges a hollow back less the softer it is, and gives the more', () => {
    const [rigid, stiff, soft] = [on(null), on(60), on(3)];
    expect(middle(rigid)).toBeLessThan(0.02);
    expect(middle(stiff)).toBeGreaterThan(middle(rigid));
    expect(middle(soft)).toBeGreaterThan(middle(stiff) + 0.03);
    expect(Math.abs(soft.tree.bentDeg)).toBeGreaterThan(Math.abs(stiff.tree.bentDeg));
  });

  it('as stiff as can be gives the numbers of a rigid one', () => {
    const [rigid, stiff] = [on(null), on(1e7)];
    expect(stiff.pose.heaveMm).toBeCloseTo(rigid.pose.heaveMm, 3);
    expect(extremes(stiff.cells.pressureKPa)[1]).toBeCloseTo(extremes(rigid.cells.pressureKPa)[1], 2);
  });
});

describe('what a pressure map says', () => {
  it('carries what was loaded, where it was loaded', () => {
    const job = jobOf(flat, PLATE, [down(600, 20, 5)]);
    const settled = settle(job);
    const measures = measureContact(gridOf(job), settled.cells);
    expect(measures.carriedN).toBeCloseTo(600, 4);
    expect(measures.centreMm!.x).toBeCloseTo(20, 0);
    expect(measures.centreMm!.y).toBeCloseTo(5, 0);
    expect(measures.off).toBeGreaterThan(measures.near);
    expect(measures.thirds[2]).toBeGreaterThan(measures.thirds[0]);
    expect(measures.thirds.reduce((s, t) => s + t, 0)).toBeCloseTo(1, 9);
    expect(measures.footprintCm2).toBeCloseTo(800, 6);
    expect(measures.peakKPa).toBeGreaterThanOrEqual(measures.meanKPa);
    expect(measures.p95KPa).toBeLessThanOrEqual(Math.max(...settled.cells.pressureKPa));
  });

  it('counts area along the skin: a slope of 60 degrees is twice as large as it looks from above', () => {
    const steep = (_: number, y: number): number => -Math.tan(Math.PI / 3) * y;
    const panel = panelOf(steep, { ...PLATE, underside: steep });
    const cells = { ...surfaceCells(panel), pressureKPa: new Float64Array(panel.count).fill(1) };
    expect(measureContact({ ...panel, countX: 80, countY: 40, stepMm: 5 }, cells).footprintCm2).toBeCloseTo(1600, 3);
  });

  it('reads a peak over 8 cm2: of one even pressure that, of one pressed cell in it only its share, at an edge half', () => {
    const panel = panelOf(flat, { lengthMm: 200, acrossMm: 200, stepMm: 2 });
    const grid = { ...panel, countX: 100, countY: 100, stepMm: 2 };
    const read = (p: (x: number, y: number) => number) =>
      measureContact(grid, { ...surfaceCells(panel), pressureKPa: Float64Array.from(panel.x, (x, i) => p(x, panel.y[i]!)) }).peakKPa;
    expect(read(() => 7)).toBeCloseTo(7, 1);
    expect(read((x, y) => (Math.hypot(x - 1, y - 1) < 0.5 ? 100 : 0))).toBeCloseTo((100 * 4) / 800, 2);
    const disc = Math.sqrt(800 / Math.PI);
    expect(read((x, y) => (Math.hypot(x - 1, y - 1) < disc ? 10 : 0))).toBeGreaterThan(9.2);
  });

  it('of nothing is nothing', () => {
    const panel = panelOf(flat, PLATE);
    const cells = { ...surfaceCells(panel), pressureKPa: new Float64Array(panel.count) };
    expect(measureContact({ ...panel, countX: 80, countY: 40, stepMm: 5 }, cells)).toMatchObject({
      carriedN: 0,
      areaCm2: 0,
      meanKPa: 0,
      peakKPa: 0,
      centreMm: null,
      peakAtMm: null,
    });
  });
});

const surfaceCells = ({ x, y, z, normalZ, count }: ReturnType<typeof panelOf>) => ({
  x,
  y,
  z,
  nz: normalZ,
  shearZ: new Float64Array(count),
});
