import { ordersByInversions } from './kendall';
import { type DayValue, onePerDay } from './trend';

/** A line that what was measured may be lying about, with the chance that it is this one. */
export interface LineDraw {
  readonly perDay: number;
  readonly atDayZero: number;
  readonly chance: number;
}

/**
 * Every line between two neighbours of the ordered slopes and two of the ordered levels, with its chance; they add up to one. Nothing is
 * assumed of the errors but that they are alike and without lean: how many of the slopes lie under the true one follows Kendall's
 * distribution (Sen 1968), how many of the levels lie under the true one the sign test's.
 * @param values on at least two days
 */
export function lineDraws(values: readonly DayValue[]): LineDraw[] {
  const days = onePerDay(values);
  const slopes = days.flatMap((a, i) => days.slice(i + 1).map((b) => (b.value - a.value) / (b.day - a.day)));
  const orders = ordersByInversions(days.length);
  const all = orders.reduce((s, c) => s + c, 0);
  const subsets = 2 ** days.length;
  return gaps(slopes).flatMap((perDay, k) =>
    gaps(days.map((d) => d.value - perDay * d.day)).map((atDayZero, j) => ({
      perDay,
      atDayZero,
      chance: (orders[k]! / all) * (choose(days.length, j) / subsets),
    })),
  );
}

/** What stands for the gaps between some numbers in order: below the first and above the last these themselves, else the middle. */
function gaps(values: readonly number[]): number[] {
  const sorted = [...values].sort((a, b) => a - b);
  return [sorted[0]!, ...sorted.slice(1).map((v, i) => (v + sorted[i]!) / 2), sorted.at(-1)!];
}

function choose(n: number, k: number): number {
  let ways = 1;
  for (let i = 0; i < k; i++) ways = (ways * (n - i)) / (i + 1);
  return ways;
}
