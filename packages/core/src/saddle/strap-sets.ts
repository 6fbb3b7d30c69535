import { type Strap, type StrapId } from './saddle-build';

/**
 * Every pair of straps a girth may be buckled to. A V or sliding strap is always kept in use (trade rule);
 * with a single strap there is only that one.
 */
export function strapPairs(straps: readonly Strap[]): StrapId[][] {
  const sorted = [...straps].sort((a, b) => a.xMm - b.xMm);
  if (sorted.length < 2) return [sorted.map((s) => s.id)];
  const pairs = sorted.flatMap((a, i) => sorted.slice(i + 1).map((b) => [a, b] as const));
  const shared = sorted.filter((s) => s.hang !== 'fixed');
  const legal = shared.length === 0 ? pairs : pairs.filter((pair) => shared.some((s) => pair.includes(s)));
  return legal.map((pair) => pair.map((s) => s.id));
}

/** What a saddle is girthed with unless someone chose: the foremost pair without the point strap, or what there is. */
export function defaultStraps(straps: readonly Strap[]): StrapId[] {
  const pairs = strapPairs(straps);
  const without = pairs.filter((pair) => !pair.includes('point'));
  return (without.length > 0 ? without : pairs)[0] ?? [];
}
