/** A source of numbers in [0, 1). The core never makes its own: the caller passes one in. */
export type Random = () => number;

/**
 * Small seeded generator (mulberry32, public domain, T. Ettinger 2017): same seed, same numbers, everywhere.
 * Good enough for resampling and demo data, not for secrets.
 */
export function seededRandom(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Standard normal number by Box and Muller (1958). */
export function normal(random: Random): number {
  const u = Math.max(random(), 1e-12);
  return Math.sqrt(-2 * Math.log(u)) * Math.cos(2 * Math.PI * random());
}
