import { seededRandom } from '../../random';
import { ENGINE_DEFAULTS } from '../../schools';
import { presentSetup, underside } from '../../saddle';
import { bodyFrom } from '../body';
import { backCells } from '../seat-cells';
import { sit, sitBench } from '../sit';
import { anyHorse, anySaddle, inputOf } from './invented-horses';

const PAIRS = Array.from({ length: 24 }, (_, seed) => {
  const random = seededRandom(900 + seed);
  const body = bodyFrom(inputOf(anyHorse(random)));
  if (!body.ok) throw new Error(JSON.stringify(body.problems));
  return { body: body.value, saddle: anySaddle(random) };
});
const RIDER = { massKg: 75, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' } as const;

describe('cells at the edges of a panel', () => {
  const { body, saddle } = PAIRS[0]!;
  const setup = presentSetup(saddle, 50);
  const under = underside(saddle, setup);
  /** By small steps, each row for itself. */
  const areaMm2 = (): number => {
    let sum = 0;
    for (let u = under.fromMm + 0.05; u < under.toMm; u += 0.1) {
      const { innerMm, outerMm } = under.edgesAt(u);
      const corner = saddle.build.panel.cutBackMm;
      const cut = corner > 0 ? Math.min(1, Math.max(0, (u - under.fromMm) / corner)) : 1;
      sum += 2 * 0.1 * (outerMm - innerMm) * cut;
    }
    return sum;
  };

  it.each([3, 5, 8, 12, 16.3])('with cells of %d mm are together as large as the panels', (mm) => {
    const { share } = backCells(body.surface, 50, under, mm);
    expect(Math.abs((share.reduce((s, v) => s + v, 0) * mm * mm) / areaMm2() - 1)).toBeLessThan(mm <= 8 ? 0.002 : 0.005);
  });

  it('lie inside the panel, and alike on both sides', () => {
    const { x, y, share, countX, countY } = backCells(body.surface, 50, under, 8);
    for (let i = 0; i < countX; i++)
      for (let j = 0; j < countY / 2; j++) {
        const [near, off] = [i * countY + j, i * countY + countY - 1 - j];
        expect([x[near], -y[near]!, share[near]]).toEqual([x[off], y[off], share[off]]);
        if (share[off] === 0) continue;
        const { innerMm, outerMm } = under.edgesAt(x[off]! - 50);
        expect(y[off]).toBeGreaterThan(innerMm - 1);
        expect(y[off]).toBeLessThan(outerMm + 1);
      }
  });
});

describe('numbers that don’t depend on the size of cells', () => {
  const both = PAIRS.map(({ body, saddle }) =>
    [5, 8, 12].map((mm) => {
      const bench = sitBench(body, 'resting', ENGINE_DEFAULTS, mm);
      const outcome = sit({ body, saddle, setup: presentSetup(saddle, 50), rider: RIDER, pose: 'resting' }, bench);
      if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
      return outcome.value;
    }),
  );

  it('the same saddles rest', () => {
    for (const [fine, ...others] of both) for (const other of others) expect(other.settled.state).toBe(fine!.settled.state);
  });

  it('peak, exact fit, mean, thirds and turns', () => {
    const rested = both.filter(([fine]) => fine!.settled.state === 'settled');
    expect(rested.length).toBeGreaterThan(12);
    for (const [five, eight, twelve] of rested) {
      const apart = (of: (s: typeof five) => number, other = eight): number => Math.abs(of(other) / of(five) - 1);
      expect(apart((s) => s!.measures.peakKPa)).toBeLessThan(0.03);
      expect(apart((s) => s!.measures.peakKPa, twelve)).toBeLessThan(0.08);
      expect(apart((s) => s!.exact.peakKPa)).toBeLessThan(0.02);
      expect(apart((s) => s!.measures.areaCm2)).toBeLessThan(0.02);
      expect(Math.abs(eight!.settled.pose.pitchDeg - five!.settled.pose.pitchDeg)).toBeLessThan(0.1);
      five!.measures.thirds.forEach((t, i) => expect(Math.abs(eight!.measures.thirds[i]! - t)).toBeLessThan(0.012));
    }
    const nineOfTen = (which: 1 | 2): number => {
      const apart = rested.map((r) => Math.abs(r[which]!.measures.peakKPa / r[0]!.measures.peakKPa - 1)).sort((a, b) => a - b);
      return apart[Math.floor(0.9 * apart.length)]!;
    };
    expect(nineOfTen(1)).toBeLessThan(0.02);
    expect(nineOfTen(2)).toBeLessThan(0.05);
  });
});
