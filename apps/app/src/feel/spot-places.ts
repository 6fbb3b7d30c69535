import { FEEL_PLACES, type FeltSpot, type NearOff } from '@fulcra/core';

/** Where a spot lies on the drawn back, as shares of the drawing: near on the left, head at the top. */
export interface SpotPlace {
  readonly spot: FeltSpot;
  readonly x: number;
  readonly y: number;
}

/** Half-distance from the spine and distance from the head end. */
const ON_BACK: Readonly<Partial<Record<FeltSpot['place'], readonly [number, number]>>> = {
  behindScapula: [0.17, 0.24],
  witherBase: [0.08, 0.34],
  longMuscleFront: [0.17, 0.44],
  longMuscleMiddle: [0.18, 0.58],
  underRear: [0.17, 0.72],
  loin: [0.15, 0.86],
};
/** Seen from below: the girth passes behind the elbows, the sternum between them. */
const FROM_BELOW: Readonly<Partial<Record<FeltSpot['place'], readonly [number, number]>>> = { girth: [0.3, 0.62], sternum: [0.11, 0.3] };

const placed = (where: typeof ON_BACK): SpotPlace[] =>
  FEEL_PLACES.flatMap((place) => {
    const at = where[place];
    if (at === undefined) return [];
    return (['near', 'off'] as readonly NearOff[]).map((side) => ({
      spot: { place, side },
      x: side === 'near' ? 0.5 - at[0] : 0.5 + at[0],
      y: at[1],
    }));
  });

export const SPOTS_ON_BACK = placed(ON_BACK);
export const SPOTS_FROM_BELOW = placed(FROM_BELOW);
export const ALL_SPOTS: readonly FeltSpot[] = [...SPOTS_ON_BACK, ...SPOTS_FROM_BELOW].map((p) => p.spot);
