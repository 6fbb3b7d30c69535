import { type PointYZ } from '../geometry';
import { type FrontArch, alongPoint, archPoint } from '../saddle/front-arch';
import { type SaddleFront } from '../saddle/width-setting';
import { type School } from '../schools/school';

/** What lies between the tree point and the horse, mm. */
export interface Padding {
  readonly panelDepthMm: number;
  readonly padMm: number;
  /** How far from the spine the panel begins on the horse: half the channel. */
  readonly panelFromSpineMm: number;
}

/** Where no saddle is chosen yet (defaults of the trade). */
export const DEFAULT_PANEL_DEPTH_MM = 30;
export const DEFAULT_CHANNEL_MM = 70;

export const paddingOfSchool = (school: School): Padding => ({
  panelDepthMm: DEFAULT_PANEL_DEPTH_MM,
  padMm: school.front.padMm,
  panelFromSpineMm: DEFAULT_CHANNEL_MM / 2,
});

export const paddingOfSaddle = (front: SaddleFront, school: School): Padding => ({
  panelDepthMm: front.frontPanelDepthMm,
  padMm: school.front.padMm,
  panelFromSpineMm: front.frontChannelMm / 2,
});

export const coverMm = (padding: Padding): number => padding.panelDepthMm + padding.padMm;

/** The part of a tree point that bears: from above where the panel begins on the horse, down to the tip. */
export interface BearingPart {
  readonly top: PointYZ;
  readonly tip: PointYZ;
  readonly lengthMm: number;
}

/** At least this much of a point is read, however wide the channel, mm. */
const LEAST_BEARING_MM = 30;

/** The normal from the horse where the panel begins meets the point at y = half channel + cover x cos(half angle). */
export function bearingPart(arch: FrontArch, padding: Padding): BearingPart {
  const { start, tip, halfAngleRad } = archPoint(arch);
  const beginsY = padding.panelFromSpineMm + coverMm(padding) * Math.cos(halfAngleRad);
  const bareMm = Math.max(0, (beginsY - start.yMm) / Math.sin(halfAngleRad));
  const lengthMm = Math.max(LEAST_BEARING_MM, arch.pointLengthMm - bareMm);
  return { top: alongPoint(start, halfAngleRad, arch.pointLengthMm - lengthMm), tip, lengthMm };
}
