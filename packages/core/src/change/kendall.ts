/** How sure an interval is wanted to be (default). */
export const CONFIDENCE_WANTED = 0.9;

/**
 * How many orders of n things have each number of pairs out of order: Kendall's distribution, exact.
 * @returns counts by number of such pairs, 0 to n (n - 1) / 2; they add up to n!
 */
export function ordersByInversions(n: number): number[] {
  let counts = [1];
  for (let m = 2; m <= n; m++) {
    const next = Array.from({ length: (m * (m - 1)) / 2 + 1 }, () => 0);
    counts.forEach((count, inversions) => {
      for (let added = 0; added < m; added++) next[inversions + added]! += count;
    });
    counts = next;
  }
  return counts;
}

export interface SlopeRanks {
  /** So many of the ordered slopes are left out at each end. */
  readonly leftOut: number;
  /** How often what remains covers the truth. */
  readonly level: number;
}

/**
 * Which of the ordered slopes between n dates bound an interval: as narrow as it can be at the confidence that is wanted, else the widest.
 * Exact for dates without ties and errors that are alike (Sen 1968): three dates carry 0.67 and no more, four 0.92.
 */
export function slopeRanks(n: number, wanted: number = CONFIDENCE_WANTED): SlopeRanks {
  const counts = ordersByInversions(n);
  const all = counts.reduce((sum, c) => sum + c, 0);
  const level = (leftOut: number): number => 1 - (2 * counts.slice(0, leftOut + 1).reduce((sum, c) => sum + c, 0)) / all;
  let leftOut = 0;
  while (level(leftOut + 1) >= wanted) leftOut++;
  return { leftOut, level: level(leftOut) };
}
