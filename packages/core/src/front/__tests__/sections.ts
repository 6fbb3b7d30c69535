import { type PointYZ, point } from '../../geometry';
import { type Section, sectionFromPoints } from '../../back';
import { type FrontArch, alongPoint, archPoint } from '../../saddle';
import { type Padding, bearingPart, coverMm } from '../padding';
import { radFromDeg } from '../../units';

/** A wedge of half-angle a, sharp at the spine. */
export function wedge(halfAngleDeg: number, depthMm = 220): Section {
  const slope = Math.tan(radFromDeg(halfAngleDeg));
  const depths = Array.from({ length: depthMm / 5 }, (_, i) => (i + 1) * 5);
  return sectionOf([...depths.map((d) => point(-d * slope, -d)), point(0, 0), ...depths.map((d) => point(d * slope, -d))]);
}

export const PADDING: Padding = { panelDepthMm: 30, padMm: 0, panelFromSpineMm: 35, sinkMm: 0, sinkHalfMm: 0, sinkFrom: 'saddle' };

/**
 * The horse an arch was made for: flanks at panel depth all along the bearing part of the points,
 * rounded over to withers that leave the wanted clearance.
 */
export function sectionUnderArch(arch: FrontArch, clearanceMm: number, padding: Padding = PADDING): Section {
  const { halfAngleRad: a } = archPoint(arch);
  const { top } = bearingPart(arch, padding);
  const foot = point(top.yMm - coverMm(padding) * Math.cos(a), top.zMm - coverMm(padding) * Math.sin(a) + clearanceMm);
  const shoulder = roundedOver(foot, -Math.cos(a) / Math.sin(a));
  const flank = Array.from({ length: 45 }, (_, i) => alongPoint(foot, a, i * 5));
  const off = [...shoulder, ...flank].map((p) => point(p.yMm, p.zMm - clearanceMm));
  return sectionOf([...off.map((p) => point(-p.yMm, p.zMm)), point(0, -clearanceMm), ...off]);
}

/** Quadratic from flat at (0, 0 + clearance) to the flank's slope at its foot. */
function roundedOver(foot: PointYZ, slope: number): PointYZ[] {
  const cornerY = foot.yMm - foot.zMm / slope;
  if (foot.zMm > 0 || cornerY < 0) throw new Error('no withers can be rounded over between these flanks');
  return [0.2, 0.4, 0.6, 0.8].map((t) => {
    const y = 2 * t * (1 - t) * cornerY + t * t * foot.yMm;
    return point(y, t * t * foot.zMm);
  });
}

export function sectionOf(points: readonly PointYZ[]): Section {
  const outcome = sectionFromPoints(points);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  return outcome.value.section;
}
