import { type Outcome, done, problem, refused } from '../problems';
import { type Barrel, type TracedHalf } from './barrel';

/** Fewest places of a half tracing, and how far one may lie inside its neighbours' chord, mm: the error of a hand (defaults). */
export const HALF_TRACING = { leastPoints: 5, hollowMm: 6 } as const;
/** A horse is no broader or deeper than this, mm. */
const MOST_MM = 1200;

/**
 * A barrel from a half tracing: half breadths at heights below the top of the back, down to under the breastbone.
 * @param points falling: at least five, from the top down
 * @returns refused where there are too few, out of order, or hollow beyond the error of a hand: no girth lies in a hollow
 */
export function barrelFromTracing(points: readonly TracedHalf[]): Outcome<Barrel> {
  const { leastPoints, hollowMm } = HALF_TRACING;
  if (points.length < leastPoints) return refused(problem('BARREL_TRACING_TOO_SHORT', { points: points.length, least: leastPoints }));
  const bad = points.findIndex(
    (p, i) =>
      !(p.outMm >= 0 && p.outMm < MOST_MM && p.belowMm >= 0 && p.belowMm < MOST_MM) || (i > 0 && p.belowMm <= points[i - 1]!.belowMm),
  );
  if (bad >= 0) return refused(problem('BARREL_TRACING_OUT_OF_ORDER', { place: bad + 1, belowMm: points[bad]!.belowMm }));
  const hollow = points.slice(1, -1).findIndex((p, i) => chord(points[i]!, points[i + 2]!, p.belowMm) - p.outMm > hollowMm);
  if (hollow >= 0) return refused(problem('BARREL_TRACING_HOLLOW', { belowMm: points[hollow + 1]!.belowMm }));
  const widest = points.reduce((best, p) => (p.outMm > best.outMm ? p : best));
  const bottom = points.at(-1)!.belowMm;
  return done({
    halfBreadthMm: widest.outMm,
    halfDepthMm: bottom - widest.belowMm,
    exponent: 2,
    widestBelowMm: widest.belowMm,
    assumed: false,
    traced: points,
  });
}

const chord = (a: TracedHalf, b: TracedHalf, belowMm: number): number =>
  a.outMm + ((belowMm - a.belowMm) / (b.belowMm - a.belowMm)) * (b.outMm - a.outMm);

/**
 * The top of a barrel from a section of the back traced there: it wins over the superellipse as far down as it reaches.
 * @param section half breadths from the top down, mean of both sides
 */
export const withTracedTop = (barrel: Barrel, section: readonly TracedHalf[]): Barrel =>
  barrel.traced !== undefined || section.length < 2 ? barrel : { ...barrel, traced: section };

/** Where no barrel was measured: a plain one (default, a riding horse of about 155 cm), and every answer that leans on it says so. */
export const PLAIN_BARREL: Barrel = { halfBreadthMm: 270, halfDepthMm: 330, exponent: 2.2, widestBelowMm: 300, assumed: true };
