import { type PointYZ } from '../geometry';
import { type TracedHalf } from './barrel';

/** How finely the top of a barrel is read off a section, mm. */
const EVERY_MM = 20;

/**
 * Half breadths of a traced section, mean of both sides, from the top of the back down as far as both sides reach.
 * @param points across the back, mm, height 0 at its top
 */
export function halvesOfSection(points: readonly PointYZ[]): TracedHalf[] {
  const side = (sign: 1 | -1): PointYZ[] =>
    points
      .filter((p) => p.yMm * sign >= 0)
      .map((p) => ({ yMm: Math.abs(p.yMm), zMm: p.zMm }))
      .sort((a, b) => a.yMm - b.yMm);
  const [near, off] = [side(-1), side(1)];
  const reach = Math.min(...[near, off].map((s) => (s.length < 2 ? 0 : -s.at(-1)!.zMm)));
  const count = Math.floor(reach / EVERY_MM);
  return Array.from({ length: count }, (_, i) => (i + 1) * EVERY_MM).flatMap((belowMm) => {
    const [a, b] = [halfAt(near, belowMm), halfAt(off, belowMm)];
    return a === null || b === null ? [] : [{ belowMm, outMm: (a + b) / 2 }];
  });
}

/** Where one side has first fallen so far, mm from the middle; null where it doesn't. */
function halfAt(side: readonly PointYZ[], belowMm: number): number | null {
  const i = side.findIndex((p) => -p.zMm >= belowMm);
  if (i < 1) return null;
  const [a, b] = [side[i - 1]!, side[i]!];
  return a.yMm + ((belowMm + a.zMm) / (a.zMm - b.zMm)) * (b.yMm - a.yMm);
}
