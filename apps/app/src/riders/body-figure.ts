import { type RiderMeasure, SHARE_OF_STATURE } from '@fulcra/core';

/** A place on a figure, as shares of the stature: right, and up from the floor or the seat's floor. */
export interface FigurePoint {
  readonly right: number;
  readonly up: number;
}
export interface FigureLine {
  readonly figure: 'standing' | 'seated';
  readonly from: FigurePoint;
  readonly to: FigurePoint;
}

const share = (of: keyof typeof SHARE_OF_STATURE): number => SHARE_OF_STATURE[of].share;
/** Landmarks of the standing figure as seen from the front; heights of a person of stature 1 (drawing only). */
export const STANDING = { crotch: 0.47, hip: 0.53, shoulder: 0.818, head: 1, armAt: 0.78, halfShoulder: 0.11 } as const;
const seatUp = share('kneeToSole');
const hipUp = seatUp + 0.02;
const thigh = share('thigh');
/** Landmarks of the seated figure from the side, the knee to the right of the hip. */
export const SEATED = {
  hip: { right: 0, up: hipUp },
  knee: { right: thigh, up: seatUp },
  ankle: { right: thigh, up: share('ankleHeight') },
  ball: { right: thigh + share('ankleToBall'), up: 0.01 },
  heel: { right: thigh - share('heelToAnkle'), up: 0.01 },
  shoulder: { right: -0.02, up: hipUp + share('shoulderAboveHip') },
  head: { right: 0, up: hipUp + share('shoulderAboveHip') + 0.15 },
  buttock: { right: -0.08, up: hipUp - 0.02 },
} as const;

const line = (figure: FigureLine['figure'], from: FigurePoint, to: FigurePoint): FigureLine => ({ figure, from, to });
const at = (right: number, up: number): FigurePoint => ({ right, up });

/** Where each length is taken. */
export const MEASURE_LINES: Readonly<Record<RiderMeasure, FigureLine>> = {
  stature: line('standing', at(-0.24, 0), at(-0.24, 1)),
  insideLeg: line('standing', at(0, 0), at(0, STANDING.crotch)),
  hipBreadth: line('standing', at(-share('hipBreadth') / 2, STANDING.hip), at(share('hipBreadth') / 2, STANDING.hip)),
  hipJointHalfDistance: line('standing', at(0, STANDING.hip + 0.02), at(share('hipJointHalfDistance'), STANDING.hip + 0.02)),
  armpitToFingertip: line('standing', at(0.09, STANDING.armAt), at(0.09 + share('armpitToFingertip'), STANDING.armAt)),
  thigh: line('seated', SEATED.hip, SEATED.knee),
  kneeToSole: line('seated', SEATED.knee, at(thigh, 0)),
  buttockToKneeHollow: line('seated', at(-0.08, seatUp - 0.05), at(-0.08 + share('buttockToKneeHollow'), seatUp - 0.05)),
  ankleHeight: line('seated', SEATED.ankle, at(thigh, 0)),
  bootSole: line('seated', at(thigh + share('ankleToBall'), -0.012), at(thigh + share('ankleToBall'), 0.012)),
  ankleToBall: line('seated', at(thigh, 0.03), at(thigh + share('ankleToBall'), 0.03)),
  heelToAnkle: line('seated', at(thigh - share('heelToAnkle'), 0.03), at(thigh, 0.03)),
  hipJointAboveSeat: line('seated', at(0, hipUp - share('hipJointAboveSeat')), SEATED.hip),
  shoulderAboveHip: line('seated', SEATED.hip, at(0, SEATED.shoulder.up)),
};
