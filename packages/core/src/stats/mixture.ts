import { risingRoot } from '../geometry';

/** Share of a normal distribution below so many standard deviations. Source: Abramowitz & Stegun 7.1.26, error below 1.5e-7. */
export function normalShareBelow(sds: number): number {
  const x = Math.abs(sds) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * x);
  const tail = t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429)))) * Math.exp(-x * x);
  return sds < 0 ? tail / 2 : 1 - tail / 2;
}

const WITHIN = 1e-6;

/**
 * The value below which a share lies where each of several equally likely values is off by a normal error.
 * @param sd of each of them; 0 counts as a hair
 */
export function mixtureQuantile(values: readonly number[], sd: number, share: number): number {
  const spread = Math.max(sd, WITHIN);
  const below = (at: number): number => values.reduce((sum, v) => sum + normalShareBelow((at - v) / spread), 0) / values.length - share;
  const reach = 8 * spread;
  return risingRoot(below, Math.min(...values) - reach, Math.max(...values) + reach, WITHIN) ?? values[0]!;
}
