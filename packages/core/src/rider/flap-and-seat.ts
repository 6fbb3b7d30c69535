import { type LegPlace } from './linkage';

/** How far a flap reaches down the shank, and ahead of the knee joint to its front, with room to the roll (defaults). */
export const FLAP = { belowKneeShareOfShank: 0.3, kneeToFrontMm: 60, roomToRollMm: 25 } as const;
/** Seat size from thigh and hips, mm (default): the slope a longer thigh and broader hips ask for, from a middle rider; made from a small child's on. */
export const SEAT = {
  middleMm: 432,
  perThigh: 0.45,
  thighMm: 495,
  perHip: 0.2,
  hipMm: 380,
  leastMm: 330,
  mostMm: 483,
  stepMm: 12.7,
  errorMm: 13,
} as const;

export interface NeededFlap {
  /** Below the stirrup bar. */
  readonly lengthMm: number;
  /** Ahead of the stirrup bar; less than nothing where the knee lies behind it. */
  readonly reachMm: number;
}

/** What a flap needs for a leg as it hangs. @param barZMm height of the bar in the same frame @param shankMm knee to ankle */
export const neededFlap = ({ knee, tread }: Pick<LegPlace, 'knee' | 'tread'>, barZMm: number, shankMm: number): NeededFlap => ({
  lengthMm: barZMm - knee.zMm + FLAP.belowKneeShareOfShank * shankMm,
  reachMm: tread.xMm - knee.xMm + FLAP.kneeToFrontMm + FLAP.roomToRollMm,
});

export interface SeatSize {
  readonly exactMm: number;
  /** To the next half size. */
  readonly sizeMm: number;
  /** Half a size down and up: always shown with it. */
  readonly neighboursMm: readonly [smaller: number, larger: number];
  /** Outside of what seats are made in: the nearest is given. */
  readonly beyond: boolean;
}

/** Seat size for a rider, measured from the head nail to the middle of the cantle. */
export function seatSize(buttockToKneeHollowMm: number, seatedHipBreadthMm: number): SeatSize {
  const { middleMm, perThigh, thighMm, perHip, hipMm, leastMm, mostMm, stepMm } = SEAT;
  const exactMm = middleMm + perThigh * (buttockToKneeHollowMm - thighMm) + perHip * (seatedHipBreadthMm - hipMm);
  const inside = Math.max(leastMm, Math.min(mostMm, exactMm));
  const sizeMm = Math.round(inside / stepMm) * stepMm;
  return { exactMm, sizeMm, neighboursMm: [sizeMm - stepMm, sizeMm + stepMm], beyond: exactMm < leastMm || exactMm > mostMm };
}
