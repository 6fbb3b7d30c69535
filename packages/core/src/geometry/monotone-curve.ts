/**
 * Shape-preserving cubic through (x, f): between two data points it never leaves their range.
 * Source: Fritsch & Carlson, "Monotone Piecewise Cubic Interpolation", SIAM J. Numer. Anal. 17 (1980),
 * with the harmonic-mean slopes of Fritsch & Butland (1984).
 * @param xs strictly increasing, at least two
 * @param fs same length as xs
 * @returns a function of x, clamped to the first and last value outside the range
 */
export function monotoneCurve(xs: readonly number[], fs: readonly number[]): (x: number) => number {
  const slopes = slopesAt(xs, fs);
  return (x) => {
    if (x <= xs[0]!) return fs[0]!;
    if (x >= xs.at(-1)!) return fs.at(-1)!;
    let i = 0;
    while (x > xs[i + 1]!) i++;
    return hermite(x, xs[i]!, xs[i + 1]!, fs[i]!, fs[i + 1]!, slopes[i]!, slopes[i + 1]!);
  };
}

function slopesAt(xs: readonly number[], fs: readonly number[]): number[] {
  const steps = xs.slice(1).map((x, i) => x - xs[i]!);
  const secants = steps.map((h, i) => (fs[i + 1]! - fs[i]!) / h);
  const last = secants.length - 1;
  if (last === 0) return [secants[0]!, secants[0]!];
  const inner = secants.slice(1).map((s, i) => weightedHarmonic(secants[i]!, s, steps[i]!, steps[i + 1]!));
  return [
    endSlope(secants[0]!, secants[1]!, steps[0]!, steps[1]!),
    ...inner,
    endSlope(secants[last]!, secants[last - 1]!, steps[last]!, steps[last - 1]!),
  ];
}

/** Slope between two secants that keeps a cubic from overshooting (Fritsch & Butland 1984); 0 at a turning point. */
export function weightedHarmonic(before: number, after: number, hBefore: number, hAfter: number): number {
  if (before * after <= 0) return 0;
  const w1 = 2 * hAfter + hBefore;
  const w2 = hAfter + 2 * hBefore;
  return (w1 + w2) / (w1 / before + w2 / after);
}

/** Three-point end slope, held back so that the end piece stays monotone. */
function endSlope(near: number, next: number, hNear: number, hNext: number): number {
  const slope = ((2 * hNear + hNext) * near - hNear * next) / (hNear + hNext);
  if (slope * near <= 0) return 0;
  return near * next <= 0 && Math.abs(slope) > 3 * Math.abs(near) ? 3 * near : slope;
}

function hermite(x: number, x0: number, x1: number, f0: number, f1: number, d0: number, d1: number): number {
  const w = hermiteWeights(x, x0, x1);
  return w.f0 * f0 + w.d0 * d0 + w.f1 * f1 + w.d1 * d1;
}

/** What both end values and both end slopes of a cubic piece count for at a place in it. */
export interface HermiteWeights {
  readonly f0: number;
  readonly f1: number;
  readonly d0: number;
  readonly d1: number;
}

export function hermiteWeights(x: number, x0: number, x1: number): HermiteWeights {
  const h = x1 - x0;
  const t = (x - x0) / h;
  const t2 = t * t;
  const t3 = t2 * t;
  return { f0: 2 * t3 - 3 * t2 + 1, f1: 3 * t2 - 2 * t3, d0: h * (t3 - 2 * t2 + t), d1: h * (t3 - t2) };
}
