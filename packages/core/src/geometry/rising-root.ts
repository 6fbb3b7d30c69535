/**
 * Where a rising function crosses zero, by false position with Illinois weights.
 * Source: Dowell & Jarratt, "A modified regula falsi method", BIT 11 (1971).
 * @param tolerance stops when |f| or the bracket is below it
 * @returns null when the bracket doesn't hold a crossing
 */
export function risingRoot(f: (x: number) => number, from: number, to: number, tolerance: number): number | null {
  let lo = from;
  let hi = to;
  let fLo = f(lo);
  let fHi = f(hi);
  if (!(fLo <= 0 && fHi >= 0)) return null;
  let kept: 'lo' | 'hi' | null = null;
  for (let i = 0; i < 100 && hi - lo > tolerance; i++) {
    const x = fHi === fLo ? (lo + hi) / 2 : hi - (fHi * (hi - lo)) / (fHi - fLo);
    const fx = f(x);
    if (Math.abs(fx) < tolerance) return x;
    if (fx > 0) {
      hi = x;
      fHi = fx;
      if (kept === 'lo') fLo /= 2;
      kept = 'lo';
    } else {
      lo = x;
      fLo = fx;
      if (kept === 'hi') fHi /= 2;
      kept = 'hi';
    }
  }
  return (lo + hi) / 2;
}
