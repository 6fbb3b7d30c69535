import { type Outcome, done, problem, refused } from '../problems';

/** Tape and stick round the barrel at one place along the body, mm. */
export interface BarrelMeasures {
  readonly circumferenceMm: number;
  /** At its widest. */
  readonly breadthMm: number;
  /** How far below the top of the back the widest lies. */
  readonly widestBelowMm: number;
  /** From the top of the back down to under the breastbone; null where it wasn't taken. */
  readonly depthMm: number | null;
}

/**
 * The barrel's cross-section as two halves of superellipses |y/a|^n + |z/b|^n = 1 that meet where it is widest: above, b reaches to the
 * top of the back, below to under the breastbone. Circumference and breadth alone don't determine it: the depth gives the exponent;
 * without it the exponent is 2 and the depth follows.
 */
export interface Barrel {
  readonly halfBreadthMm: number;
  /** Of the half below the widest; the half above is as deep as the widest lies below the top. */
  readonly halfDepthMm: number;
  readonly exponent: number;
  /** The widest below the top of the back. */
  readonly widestBelowMm: number;
  /** The depth wasn't measured: the exponent is taken as an ellipse's. */
  readonly assumed: boolean;
  /** Half breadths that were traced, from the top down; where they reach they win over the superellipse. */
  readonly traced?: readonly TracedHalf[] | undefined;
}

/** Half of the breadth at a height below the top of the back, mm. */
export interface TracedHalf {
  readonly belowMm: number;
  readonly outMm: number;
}

/** Between a rhombus and all but a box; a barrel outside of these isn't convex, or was measured wrong. */
const EXPONENTS = { least: 1, most: 40 } as const;
const CLOSE_MM = 1e-6;

/**
 * @returns refused where no convex barrel has these measures: the circumference must lie between that of the rhombus and of the box
 *   with this breadth and depth, or, without a depth, be longer than round the half above and straight across; the widest must lie
 *   above the lowest
 */
export function barrelFrom({ circumferenceMm, breadthMm, widestBelowMm, depthMm }: BarrelMeasures): Outcome<Barrel> {
  const a = breadthMm / 2;
  const notConvex: Outcome<Barrel> = refused(problem('BARREL_NOT_CONVEX', { circumferenceMm, breadthMm, depthMm: depthMm ?? 0 }));
  if (![circumferenceMm, breadthMm, widestBelowMm, depthMm ?? 1].every((mm) => mm > 0 && Number.isFinite(mm))) return notConvex;
  const made = (halfDepthMm: number, exponent: number, assumed: boolean): Outcome<Barrel> =>
    done({ halfBreadthMm: a, halfDepthMm, exponent, widestBelowMm, assumed });
  const round = (belowMm: number, n: number): number => (perimeterMm(a, widestBelowMm, n) + perimeterMm(a, belowMm, n)) / 2;
  if (depthMm === null) {
    if (circumferenceMm <= round(0, 2)) return notConvex;
    return made(
      whereItIs((b) => round(b, 2), circumferenceMm, 0, circumferenceMm),
      2,
      true,
    );
  }
  const b = depthMm - widestBelowMm;
  if (!(b > 0) || circumferenceMm < round(b, EXPONENTS.least) || circumferenceMm > round(b, EXPONENTS.most)) return notConvex;
  return made(
    b,
    whereItIs((n) => round(b, n), circumferenceMm, EXPONENTS.least, EXPONENTS.most),
    false,
  );
}

/** Half of the breadth at a height below the top of the back, mm; 0 above and below the barrel. */
export function halfBreadthAt(barrel: Barrel, belowMm: number): number {
  const { traced } = barrel;
  if (traced === undefined || traced.length < 2) return superHalf(barrel, belowMm);
  const last = traced.at(-1)!;
  if (belowMm < traced[0]!.belowMm) return 0;
  if (belowMm <= last.belowMm) return between(traced, belowMm);
  // below the tracing the superellipse goes on; what they differ by at its end runs out
  const left = Math.max(0, 1 - (belowMm - last.belowMm) / RUNS_OUT_OVER_MM);
  return Math.max(0, superHalf(barrel, belowMm) + left * (last.outMm - superHalf(barrel, last.belowMm)));
}

const RUNS_OUT_OVER_MM = 100;

function superHalf({ halfBreadthMm, halfDepthMm, exponent, widestBelowMm }: Barrel, belowMm: number): number {
  const t = belowMm < widestBelowMm ? (widestBelowMm - belowMm) / widestBelowMm : (belowMm - widestBelowMm) / halfDepthMm;
  return t >= 1 ? 0 : halfBreadthMm * (1 - t ** exponent) ** (1 / exponent);
}

function between(traced: readonly TracedHalf[], belowMm: number): number {
  const i = Math.max(
    1,
    traced.findIndex((p) => p.belowMm >= belowMm),
  );
  const [a, b] = [traced[i - 1]!, traced[i]!];
  return a.outMm + ((belowMm - a.belowMm) / (b.belowMm - a.belowMm)) * (b.outMm - a.outMm);
}

const STEPS = 360;

/**
 * Once round a superellipse, mm. Points are spread by the angle of the equal circle, so that flat sides and round corners are both followed;
 * exact to a tenth of a millimetre on a barrel of two metres.
 */
export function perimeterMm(a: number, b: number, exponent: number): number {
  const point = (i: number): readonly [number, number] => {
    if (i === STEPS) return [0, b];
    const angle = (i / STEPS) * (Math.PI / 2);
    return [a * Math.cos(angle) ** (2 / exponent), b * Math.sin(angle) ** (2 / exponent)];
  };
  let length = 0;
  let before = point(0);
  for (let i = 1; i <= STEPS; i++) {
    const now = point(i);
    length += Math.hypot(now[0] - before[0], now[1] - before[1]);
    before = now;
  }
  return 4 * length;
}

/** Where a rising function takes a value, by halving. */
function whereItIs(rising: (x: number) => number, wanted: number, from: number, to: number): number {
  let [low, high] = [from, to];
  while (high - low > CLOSE_MM) {
    const middle = (low + high) / 2;
    if (rising(middle) < wanted) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** Hair and half the girth lie between the skin and the girth's middle, mm (default): once round half of a barrel that is pi times as much. */
export const GIRTH_OFFSET_MM = 8;

/** A parallel path is longer by its offset times how far it turns. @param turnsRad half round is pi */
export const offsetPathMm = (pathMm: number, turnsRad: number, offsetMm: number = GIRTH_OFFSET_MM): number => pathMm + offsetMm * turnsRad;
