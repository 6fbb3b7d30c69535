import { type ContactCells, cellAreaMm2 } from './contact-cells';

/** What a pressure map says in numbers. Screening levels stand with the schools, not here. */
export interface ContactMeasures {
  readonly carriedN: number;
  readonly areaCm2: number;
  readonly meanKPa: number;
  readonly p95KPa: number;
  /** Greatest mean over any square of PEAK_OVER_MM2. */
  readonly peakKPa: number;
  /** Shares of the carried load: front, middle and rear third of the cells, and each side. */
  readonly thirds: readonly [front: number, middle: number, rear: number];
  readonly near: number;
  readonly off: number;
  readonly centreMm: { readonly x: number; readonly y: number } | null;
}

/** Area over which a peak is read, mm2 (default). */
export const PEAK_OVER_MM2 = 800;

export function measureContact(cells: ContactCells, pressureKPa: Float64Array): ContactMeasures {
  const { x, y, countX, countY } = cells;
  const area = cellAreaMm2(cells);
  const touching = new Float64Array(pressureKPa.length);
  const thirds: [number, number, number] = [0, 0, 0];
  let [count, sum, near, sumX, sumY] = [0, 0, 0, 0, 0];
  for (let i = 0; i < countX; i++) {
    let inRow = 0;
    for (let at = i * countY; at < (i + 1) * countY; at++) {
      const p = pressureKPa[at]!;
      if (!(p > 0)) continue;
      touching[count++] = p;
      inRow += p;
      if (y[at]! < 0) near += p;
      else if (y[at]! === 0) near += p / 2;
      sumX += p * x[at]!;
      sumY += p * y[at]!;
    }
    sum += inRow;
    thirds[Math.min(2, Math.floor((3 * i) / countX))]! += inRow;
  }
  const share = (part: number): number => (sum > 0 ? part / sum : 0);
  return {
    carriedN: sum * area * 1e-3,
    areaCm2: (count * area) / 100,
    meanKPa: count === 0 ? 0 : sum / count,
    p95KPa: count === 0 ? 0 : inOrderAt(touching, count, Math.min(count - 1, Math.floor(0.95 * count))),
    peakKPa: greatestMean(cells, pressureKPa, area),
    thirds: [share(thirds[0]), share(thirds[1]), share(thirds[2])],
    near: share(near),
    off: sum > 0 ? 1 - share(near) : 0,
    centreMm: sum > 0 ? { x: sumX / sum, y: sumY / sum } : null,
  };
}

/**
 * The value that would stand at a place if the first `count` were sorted; moves them about.
 * Source: C. A. R. Hoare, "Algorithm 65: Find", Communications of the ACM 4 (1961).
 */
function inOrderAt(values: Float64Array, count: number, place: number): number {
  let low = 0;
  let high = count - 1;
  while (low < high) {
    const pivot = values[place]!;
    let i = low;
    let j = high;
    while (i <= j) {
      while (values[i]! < pivot) i++;
      while (values[j]! > pivot) j--;
      if (i > j) break;
      const moved = values[i]!;
      values[i++] = values[j]!;
      values[j--] = moved;
    }
    if (j < place) low = i;
    if (place < i) high = j;
  }
  return values[place]!;
}

/** Greatest mean over a square window, by sums of rectangles. */
function greatestMean({ countX, countY }: ContactCells, pressure: Float64Array, area: number): number {
  const side = Math.max(1, Math.round(Math.sqrt(PEAK_OVER_MM2 / area)));
  const w = Math.min(side, countX);
  const d = Math.min(side, countY);
  const wide = countY + 1;
  const sums = new Float64Array((countX + 1) * wide);
  for (let i = 1; i <= countX; i++) {
    let row = 0;
    for (let j = 1; j <= countY; j++) {
      row += pressure[(i - 1) * countY + j - 1]!;
      sums[i * wide + j] = sums[(i - 1) * wide + j]! + row;
    }
  }
  let most = 0;
  for (let i = w; i <= countX; i++) {
    const low = i * wide;
    const high = (i - w) * wide;
    for (let j = d; j <= countY; j++) {
      const inside = sums[low + j]! - sums[high + j]! - sums[low + j - d]! + sums[high + j - d]!;
      if (inside > most) most = inside;
    }
  }
  return most / (w * d);
}
