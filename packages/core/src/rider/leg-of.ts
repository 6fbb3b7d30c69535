import { type RiderBody } from './rider-body';
import { type Leg } from './linkage';
import { type RiderMeasuresMm } from './rider-measures';

/** Boot sole under the ball, and how far the heel is held below the ball's level (defaults). */
export const FOOT = { bootSoleMm: 12, heelDownDeg: 0 } as const;
export interface Foot {
  readonly bootSoleMm: number;
  readonly heelDownDeg: number;
}

/** The foot in the boot that was measured, else in a usual one. */
export const footOf = ({ bootSole }: Pick<RiderMeasuresMm, 'bootSole'>): Foot => ({ ...FOOT, bootSoleMm: bootSole ?? FOOT.bootSoleMm });

/** The leg that hangs from a rider's hip, from lengths as they are known. */
export const legOf = (body: RiderBody, { bootSoleMm, heelDownDeg }: Foot = FOOT): Leg => ({
  thighMm: body.thigh.mm,
  shankMm: body.kneeToSole.mm - body.ankleHeight.mm,
  ankleHeightMm: body.ankleHeight.mm,
  ankleToBallMm: body.ankleToBall.mm,
  bootSoleMm,
  heelDownDeg,
  hipHalfMm: body.hipJointHalfDistance.mm,
});
