import { type ContactCells } from './contact-cells';

/** What a pressure map says in numbers. Screening levels stand with the schools, not here. */
export interface ContactMeasures {
  readonly carriedN: number;
  readonly areaCm2: number;
  readonly meanKPa: number;
  readonly p95KPa: number;
  /** Greatest mean over any square of 8 cm2. */
  readonly peakKPa: number;
  /** Shares of the carried load: front, middle and rear third of the cells, and each side. */
  readonly thirds: readonly [front: number, middle: number, rear: number];
  readonly near: number;
  readonly off: number;
  readonly centreMm: { readonly x: number; readonly y: number } | null;
}

const PEAK_OVER_MM2 = 800;

export function measureContact(cells: ContactCells, pressureKPa: Float64Array): ContactMeasures {
  const { x, y, countX, countY, stepMm } = cells;
  const area = (countX > 1 ? x[countY]! - x[0]! : stepMm) * (countY > 1 ? y[1]! - y[0]! : stepMm);
  const touching = [...pressureKPa].filter((p) => p > 0).sort((a, b) => a - b);
  const third = (at: number): number => Math.min(2, Math.floor((3 * at) / countX));
  const thirds: [number, number, number] = [0, 0, 0];
  let [sum, near, sumX, sumY] = [0, 0, 0, 0];
  for (let i = 0; i < countX; i++) {
    for (let j = 0; j < countY; j++) {
      const at = i * countY + j;
      const p = pressureKPa[at]!;
      sum += p;
      thirds[third(i)]! += p;
      near += y[at]! < 0 ? p : y[at]! === 0 ? p / 2 : 0;
      sumX += p * x[at]!;
      sumY += p * y[at]!;
    }
  }
  const share = (part: number): number => (sum > 0 ? part / sum : 0);
  return {
    carriedN: sum * area * 1e-3,
    areaCm2: (touching.length * area) / 100,
    meanKPa: touching.length === 0 ? 0 : sum / touching.length,
    p95KPa: touching.length === 0 ? 0 : touching[Math.min(touching.length - 1, Math.floor(0.95 * touching.length))]!,
    peakKPa: greatestMean(cells, pressureKPa, area),
    thirds: [share(thirds[0]), share(thirds[1]), share(thirds[2])],
    near: share(near),
    off: sum > 0 ? 1 - share(near) : 0,
    centreMm: sum > 0 ? { x: sumX / sum, y: sumY / sum } : null,
  };
}

/** Greatest mean over a square window, by sums of rectangles. */
function greatestMean({ countX, countY }: ContactCells, pressure: Float64Array, area: number): number {
  const side = Math.max(1, Math.round(Math.sqrt(PEAK_OVER_MM2 / area)));
  const [w, d] = [Math.min(side, countX), Math.min(side, countY)];
  const sums = new Float64Array((countX + 1) * (countY + 1));
  const at = (i: number, j: number): number => i * (countY + 1) + j;
  for (let i = 1; i <= countX; i++) {
    for (let j = 1; j <= countY; j++) {
      sums[at(i, j)] = pressure[(i - 1) * countY + j - 1]! + sums[at(i - 1, j)]! + sums[at(i, j - 1)]! - sums[at(i - 1, j - 1)]!;
    }
  }
  let most = 0;
  for (let i = w; i <= countX; i++) {
    for (let j = d; j <= countY; j++) {
      const inside = sums[at(i, j)]! - sums[at(i - w, j)]! - sums[at(i, j - d)]! + sums[at(i - w, j - d)]!;
      most = Math.max(most, inside / (w * d));
    }
  }
  return most;
}
