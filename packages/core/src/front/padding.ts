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
  /** How far the crown comes down under saddle and rider, from where the arch first touches, mm, and how sure that is. */
  readonly sinkMm: number;
  readonly sinkHalfMm: number;
  /** What that spread is of. */
  readonly sinkFrom: FrontSink['from'];
}

/**
 * How far a front comes down under saddle and rider, and how that is known: this saddle settled on this back, the practice's stock,
 * the builds there are (where the stock is small), or the school's default: only the front was measured, or no such saddle rests there.
 */
export interface FrontSink {
  readonly mm: number;
  /** Half of the interval that holds nine in ten, mm. */
  readonly halfMm: number;
  readonly from: 'saddle' | 'stock' | 'builds' | 'default' | 'noneRests';
}

/** The deepest panel that is asked for in front (default). */
export const DEEPEST_PANEL_MM = 55;
/** Where no saddle is chosen yet (defaults of the trade). */
export const DEFAULT_PANEL_DEPTH_MM = 30;
export const DEFAULT_CHANNEL_MM = 70;

/** Where only the section is known: what gives under load, and the pad that lies over the withers. */
export const sinkOfSchool = ({ front }: School, padMm: number = front.padMm): FrontSink => ({
  mm: front.sinkMm + padMm,
  halfMm: front.sinkHalfMm,
  from: 'default',
});

/** @param sink as an inner sitting found it; the school's own where the back behind the front isn't known */
export const paddingOfSchool = (school: School, sink: FrontSink = sinkOfSchool(school)): Padding => ({
  panelDepthMm: DEFAULT_PANEL_DEPTH_MM,
  padMm: school.front.padMm,
  panelFromSpineMm: DEFAULT_CHANNEL_MM / 2,
  sinkMm: sink.mm,
  sinkHalfMm: sink.halfMm,
  sinkFrom: sink.from,
});

export const paddingOfSaddle = (front: SaddleFront, school: School, sink: FrontSink = sinkOfSchool(school)): Padding => ({
  sinkMm: sink.mm,
  sinkHalfMm: sink.halfMm,
  sinkFrom: sink.from,
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
