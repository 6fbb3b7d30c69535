import { type BackSurface } from './surface';

/** What `readSurface` found: height, and slopes along x and y. */
export const READ = new Float64Array(3);

/**
 * Height (straight between grid points) and slopes (over a grid step round the place, so that they change without a jump) of a back.
 * Fills `READ`; all NaN where there is no back. At the very edge the slope of the last patch is taken.
 */
export function readSurface(s: BackSurface, xMm: number, yMm: number): void {
  const u = (xMm - s.x0Mm) / s.stepMm;
  const v = (yMm - s.y0Mm) / s.stepMm;
  if (u >= 1 && v >= 1 && u < s.countX - 2 && v < s.countY - 2 && readInside(s, u, v)) return;
  const z = patch(s, u, v);
  READ[0] = z;
  if (z !== z) {
    READ[1] = READ[2] = Number.NaN;
    return;
  }
  READ[1] = slope(z, patch(s, u - 0.5, v), patch(s, u + 0.5, v)) / s.stepMm;
  READ[2] = slope(z, patch(s, u, v - 0.5), patch(s, u, v + 0.5)) / s.stepMm;
}

/**
 * The same where all neighbours are there: over a grid step round the place, the slope is that of the two lines it touches, each by
 * how much of it lies in. @returns false where one of them isn't
 */
function readInside({ heights, countY, stepMm }: BackSurface, u: number, v: number): boolean {
  const i = u | 0;
  const j = v | 0;
  const p = u - i;
  const q = v - j;
  const at = i * countY + j;
  const a = heights[at]!;
  const b = heights[at + 1]!;
  const c = heights[at + countY]!;
  const d = heights[at + countY + 1]!;
  // the patches beyond the nearer edges
  const rows = p < 0.5 ? at - countY : at + 2 * countY;
  const cols = q < 0.5 ? at - 1 : at + 2;
  const beyondX = (1 - q) * heights[rows]! + q * heights[rows + 1]!;
  const beyondY = (1 - p) * heights[cols]! + p * heights[cols + countY]!;
  const before = (1 - q) * a + q * b;
  const after = (1 - q) * c + q * d;
  const left = (1 - p) * a + p * c;
  const right = (1 - p) * b + p * d;
  const riseX =
    p < 0.5 ? (0.5 - p) * (before - beyondX) + (0.5 + p) * (after - before) : (1.5 - p) * (after - before) + (p - 0.5) * (beyondX - after);
  const riseY =
    q < 0.5 ? (0.5 - q) * (left - beyondY) + (0.5 + q) * (right - left) : (1.5 - q) * (right - left) + (q - 0.5) * (beyondY - right);
  if (riseX !== riseX || riseY !== riseY) return false;
  READ[0] = (1 - p) * before + p * after;
  READ[1] = riseX / stepMm;
  READ[2] = riseY / stepMm;
  return true;
}

/** Rise over a whole step, from both sides, or twice from the one there is. */
function slope(here: number, before: number, after: number): number {
  if (before !== before) return after !== after ? 0 : 2 * (after - here);
  return after !== after ? 2 * (here - before) : after - before;
}

const EDGE = 1e-9;

function patch({ heights, countX, countY }: BackSurface, u: number, v: number): number {
  // a place on the very edge is still on the back, on both sides alike
  if (!(u >= -EDGE && v >= -EDGE && u <= countX - 1 + EDGE && v <= countY - 1 + EDGE)) return Number.NaN;
  const i = u >= countX - 1 ? countX - 2 : Math.max(0, u | 0);
  const j = v >= countY - 1 ? countY - 2 : Math.max(0, v | 0);
  const at = i * countY + j;
  const p = u - i;
  const q = v - j;
  const a = heights[at]!;
  const b = heights[at + 1]!;
  const c = heights[at + countY]!;
  const d = heights[at + countY + 1]!;
  return (1 - p) * ((1 - q) * a + q * b) + p * ((1 - q) * c + q * d);
}
