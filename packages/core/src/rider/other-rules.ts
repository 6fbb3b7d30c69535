import { type KnownLength } from './rider-measures';
import { type Hangs, type Leg } from './linkage';
import { radFromDeg } from '../units';

/** Thigh from the plumb when the leg hangs at rest, degrees; western leathers end below the ankle bone, mm (defaults). */
export const ANKLE_RULE = { thighFromPlumbDeg: 30, belowAnkleMm: { english: 0, western: 15 } } as const;
/** How far the arm's length is off as a leather's, one standard deviation, mm (default): arms and legs differ. */
export const ARM_RULE_SD_MM = 40;

/**
 * The ankle rule: leg out of the iron and hanging, the thigh at its rest slope, the shank plumb; the tread at the ankle bone.
 * @returns the hang over the flap, mm; a rule for general work, not for fences
 */
export function ankleRuleHangMm(leg: Leg, hangs: Hangs, kind: keyof typeof ANKLE_RULE.belowAnkleMm): number {
  const sideView = (length: number, sideways: number): number => Math.sqrt(Math.max(0, length ** 2 - sideways ** 2));
  const thigh = sideView(leg.thighMm, hangs.kneeOutMm - leg.hipHalfMm);
  const shank = sideView(leg.shankMm, hangs.treadOutMm - hangs.kneeOutMm);
  const ankleZ = hangs.hip.zMm - thigh * Math.cos(radFromDeg(ANKLE_RULE.thighFromPlumbDeg)) - shank;
  const drop = hangs.bar.zMm - (ankleZ - ANKLE_RULE.belowAnkleMm[kind]);
  return Math.hypot(drop, hangs.treadOutMm - hangs.bar.outMm);
}

/** The arm rule: fingers on the bar, the tread in the armpit. A start from the ground. */
export const armRuleHang = (armpitToFingertip: KnownLength): { readonly hangMm: number; readonly sdMm: number } => ({
  hangMm: armpitToFingertip.mm,
  sdMm: Math.hypot(ARM_RULE_SD_MM, armpitToFingertip.sdMm),
});
