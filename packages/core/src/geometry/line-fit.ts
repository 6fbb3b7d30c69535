/** Least-squares f = intercept + slope x. Null when all x are equal or fewer than two points are given. */
export function fitLine(xs: readonly number[], fs: readonly number[]): { slope: number; intercept: number } | null {
  const n = xs.length;
  if (n < 2) return null;
  const meanX = xs.reduce((s, x) => s + x, 0) / n;
  const meanF = fs.reduce((s, f) => s + f, 0) / n;
  let sxx = 0;
  let sxf = 0;
  for (let i = 0; i < n; i++) {
    sxx += (xs[i]! - meanX) ** 2;
    sxf += (xs[i]! - meanX) * (fs[i]! - meanF);
  }
  if (sxx === 0) return null;
  const slope = sxf / sxx;
  return { slope, intercept: meanF - slope * meanX };
}
