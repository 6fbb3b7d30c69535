import { FEEL_PLACES, type FeltSpot, SIDES } from '@fulcra/core';
import {
  BACK_FROM_ABOVE,
  CHEST_FROM_BELOW,
  FELT_FROM_ABOVE,
  FELT_FROM_BELOW,
  type PlanBox,
  onPlan,
  planSize,
} from '../drawings/horse/above';

/** Where a spot lies on the drawn horse, as shares of the drawing: near on the left, head at the top. */
export interface SpotPlace {
  readonly spot: FeltSpot;
  readonly x: number;
  readonly y: number;
}

function placed(where: typeof FELT_FROM_ABOVE, box: PlanBox): SpotPlace[] {
  const { width, height } = planSize(box);
  return FEEL_PLACES.flatMap((place) => {
    const at = where[place];
    if (at === undefined) return [];
    return SIDES.map((side) => {
      const [x, y] = onPlan(box, at[0], at[1], side);
      return { spot: { place, side }, x: x / width, y: y / height };
    });
  });
}

export const SPOTS_ON_BACK = placed(FELT_FROM_ABOVE, BACK_FROM_ABOVE);
export const SPOTS_FROM_BELOW = placed(FELT_FROM_BELOW, CHEST_FROM_BELOW);
export const ALL_SPOTS: readonly FeltSpot[] = [...SPOTS_ON_BACK, ...SPOTS_FROM_BELOW].map((p) => p.spot);
