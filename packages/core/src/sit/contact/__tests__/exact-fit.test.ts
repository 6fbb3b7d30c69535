import { exactFit, settle } from '..';
import { HELD, down, jobOf, panelOf } from './made-panel';

const flat = (): number => 0;
const PLATE = { lengthMm: 400, acrossMm: 200, stepMm: 5 };
const grid = (panel: ReturnType<typeof panelOf>) => ({ ...panel, countX: 80, countY: 40, stepMm: 5 });

describe('what an exact fit reads', () => {
  it('on the level: the load over the area, its peak the same', () => {
    const panel = panelOf(flat, PLATE);
    const exact = exactFit(grid(panel), panel, { ...HELD, hardeningMm: Infinity }, 800);
    expect(exact.meanKPa).toBeCloseTo(10, 4);
    expect(exact.peakKPa).toBeCloseTo(10, 1);
    expect(exact.areaCm2).toBeCloseTo(800, 6);
    expect(exact.sinksMm).toBeCloseTo(5, 4);
  });

  it('on flanks of 45 degrees: p (n_z + what clings) over the skin carries the load', () => {
    const roof = (_: number, y: number): number => -Math.abs(y);
    const panel = panelOf(roof, { ...PLATE, underside: roof });
    const exact = exactFit(grid(panel), panel, { ...HELD, hardeningMm: Infinity }, 800);
    // squeezed by delta / sqrt 2, clinging by kt delta / sqrt 2 at most mu p: 0.35 k either way
    const perArea = (1 + 0.35) * Math.SQRT1_2;
    expect(exact.meanKPa).toBeCloseTo(800 / (80_000 * Math.SQRT2 * 1e-3 * perArea), 3);
  });

  it('where the design leaves an edge clear it bears on less', () => {
    const panel = panelOf(flat, PLATE);
    const clear = { ...panel, reliefMm: Float64Array.from(panel.y, (y) => (Math.abs(y) > 80 ? 50 : 0)) };
    const exact = exactFit(grid(panel), clear, HELD, 800);
    expect(exact.areaCm2).toBeCloseTo(640, 6);
    expect(exact.meanKPa).toBeCloseTo(12.5, 3);
  });

  it('is what the engine finds for a panel made so: each cell within a twentieth of the heave form', () => {
    const back = (x: number, y: number): number => -(y * y) / 300 - (x * x) / 4000;
    const panel = { ...PLATE, underside: back };
    const job = jobOf(back, panel, [down(800)], { law: HELD });
    const { cells, pose } = settle(job);
    const exact = exactFit(grid(job.panel), job.panel, HELD, 800);
    const k = 2;
    cells.pressureKPa.forEach((p, i) => {
      const d = exact.sinksMm * job.panel.normalZ[i]!;
      expect(Math.abs(p / (k * d * (1 + d / HELD.hardeningMm)) - 1)).toBeLessThan(0.05);
    });
    expect(-pose.heaveMm).toBeCloseTo(exact.sinksMm, 0);
  });

  it('carries whatever it is asked to', () => {
    const panel = panelOf(flat, PLATE);
    for (const load of [1, 50, 5000]) expect(exactFit(grid(panel), panel, HELD, load).meanKPa).toBeCloseTo((load / 80_000) * 1e3, 3);
  });
});
