import { type Barrel, halfBreadthAt } from '../girth';
import { degFromRad } from '../units';

/** What lies between barrel and thigh, mm; and how far hips open in comfort, degrees from the plumb, each side (defaults). */
export const HIP_SPREAD = { coveringMm: 35, comfortableDeg: 35, cautionDeg: 42 } as const;

export interface HipSpread {
  /** The thigh from the plumb, seen from behind. */
  readonly deg: number;
  /** Where the thigh touches, below the top of the back, mm. */
  readonly touchesBelowMm: number;
  /** Only then does a higher seat buy anything. */
  readonly aboveTheWidest: boolean;
  readonly level: 'comfortable' | 'wide' | 'caution';
}

const LOOK_EVERY_MM = 2;

/**
 * How far the hips are spread: the line from the hip joint that just touches the barrel with its covering, which lies on it square to
 * its skin. About every place of the skin the covering is a circle; the thigh is the tangent that is furthest out.
 * @param hipHalfMm hip joint from the middle plane
 * @param hipAboveMm hip joint above the top of the back
 */
export function hipSpread(barrel: Barrel, hipHalfMm: number, hipAboveMm: number): HipSpread {
  let [deg, touchesBelowMm] = [0, 0];
  const lowest = barrel.widestBelowMm + barrel.halfDepthMm;
  for (let below = 0; below <= lowest; below += LOOK_EVERY_MM) {
    const out = halfBreadthAt(barrel, below) - hipHalfMm;
    const down = hipAboveMm + below;
    const covers = Math.min(1, HIP_SPREAD.coveringMm / Math.hypot(out, down));
    const here = degFromRad(Math.atan2(out, down) + Math.asin(covers));
    if (here > deg) [deg, touchesBelowMm] = [here, below];
  }
  const level = deg > HIP_SPREAD.cautionDeg ? 'caution' : deg > HIP_SPREAD.comfortableDeg ? 'wide' : 'comfortable';
  return { deg, touchesBelowMm, aboveTheWidest: touchesBelowMm < barrel.widestBelowMm, level };
}
