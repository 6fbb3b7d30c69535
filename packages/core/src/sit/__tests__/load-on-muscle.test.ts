import { loadOnMuscle } from '../load-on-muscle';

/** Two rows of cells of 10 mm on each side, middles 5 to 75 mm out, all pressed alike but where said. */
const OUT = [5, 15, 25, 35, 45, 55, 65, 75];
const laidAt = (outs: readonly number[], xs: readonly number[] = [0, 100]) => {
  const cells = xs.flatMap((x) => outs.flatMap((out) => [-out, out].map((y) => ({ x, y }))));
  return {
    count: cells.length,
    stepMm: 10,
    x: Float64Array.from(cells, (c) => c.x),
    y: Float64Array.from(cells, (c) => c.y),
    share: new Float64Array(cells.length).fill(1),
  };
};
const laid = laidAt(OUT);
const even = { pressureKPa: new Float64Array(laid.count).fill(3) };
const wide = (...widths: readonly (readonly [xMm: number, widthMm: number])[]) => ({
  muscle: widths.map(([xMm, widthMm]) => ({ xMm, widthMm })),
});

describe('how much of the load lies on the long back muscle', () => {
  it('of even pressure is the part of the width that is muscle, cells on the edge by their part', () => {
    expect(loadOnMuscle(wide([0, 80]), laid, even)).toBeCloseTo(40 / 80, 9);
    expect(loadOnMuscle(wide([0, 86]), laid, even)).toBeCloseTo(43 / 80, 9);
    expect(loadOnMuscle(wide([0, 160]), laid, even)).toBe(1);
    expect(loadOnMuscle(wide([0, 400]), laid, even)).toBe(1);
  });

  it('goes by what is pressed, not by what lies there, and by each place’s own width', () => {
    const inner = { pressureKPa: Float64Array.from(laid.y, (y) => (Math.abs(y) < 40 ? 5 : 0)) };
    expect(loadOnMuscle(wide([0, 80]), laid, inner)).toBe(1);
    const outer = { pressureKPa: Float64Array.from(laid.y, (y) => (Math.abs(y) > 40 ? 5 : -1)) };
    expect(loadOnMuscle(wide([0, 80]), laid, outer)).toBe(0);
    expect(loadOnMuscle(wide([0, 160], [100, 80]), laid, even)).toBeCloseTo((1 + 0.5) / 2, 9);
  });

  it('counts both sides', () => {
    const nearOnly = { pressureKPa: Float64Array.from(laid.y, (y) => (y < 0 ? 4 : 0)) };
    expect(loadOnMuscle(wide([0, 80]), laid, nearOnly)).toBeCloseTo(0.5, 9);
  });

  it('is unknown where the muscle wasn’t felt, or nothing is carried', () => {
    expect(loadOnMuscle({ muscle: [] }, laid, even)).toBeNull();
    expect(loadOnMuscle(wide([0, 80]), laid, { pressureKPa: new Float64Array(laid.count) })).toBeNull();
  });
});
