import { type HermiteWeights, hermiteWeights, weightedHarmonic } from '../geometry';

/** Even steps that include both ends. */
export function stepsBetween(from: number, to: number, stepMm: number): number[] {
  const count = Math.max(1, Math.round((to - from) / stepMm));
  return Array.from({ length: count + 1 }, (_, i) => from + i * stepMm);
}

/**
 * Slopes along x of many values at once, held back so that no value overshoots between stations.
 * Source: Fritsch & Butland, "A method for constructing local monotone piecewise cubic interpolants" (1984); ends are one-sided.
 * @param xs rising station places
 * @param values one array of equal length per station
 */
export function tangentsAlong(xs: readonly number[], values: readonly Float64Array[]): Float64Array[] {
  const count = values[0]!.length;
  const secant = (k: number, j: number): number => (values[k + 1]![j]! - values[k]![j]!) / (xs[k + 1]! - xs[k]!);
  return values.map((_, k) => {
    const slopes = new Float64Array(count);
    for (let j = 0; j < count; j++) {
      if (k === 0) slopes[j] = secant(0, j);
      else if (k === xs.length - 1) slopes[j] = secant(k - 1, j);
      else slopes[j] = weightedHarmonic(secant(k - 1, j), secant(k, j), xs[k]! - xs[k - 1]!, xs[k + 1]! - xs[k]!);
    }
    return slopes;
  });
}

/** Which stations a place lies between, and the cubic weights there; clamped to the ends. */
export function hermiteAt(xs: readonly number[], x: number): HermiteWeights & { readonly k: number } {
  const clamped = Math.min(Math.max(x, xs[0]!), xs.at(-1)!);
  let k = 0;
  while (k < xs.length - 2 && clamped > xs[k + 1]!) k++;
  return { k, ...hermiteWeights(clamped, xs[k]!, xs[k + 1]!) };
}
