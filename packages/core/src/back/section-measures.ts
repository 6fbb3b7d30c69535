import { type Polyline, distanceMm, fitCircle, fitLine } from '../geometry';
import { type NearOff, degFromRad } from '../units';
import { type Section, depthReachedMm, sideOutward } from './section';

/** Between which depths a side's angle is read (default of the trade: clear of the spine, above the shoulder). */
export const ANGLE_DEPTHS_MM = { fromMm: 40, toMm: 120 } as const;
/** Where two widths are compared from take to take (default). */
export const GAUGE_DEPTHS_MM = [60, 120] as const;
/** The apex counts as what lies within this of the spine (default). */
const APEX_REACH_MM = 25;
const LEAST_ANGLE_RANGE_MM = 30;
const ANGLE_SAMPLES = 33;

/** Half-width of one side at a depth below the apex, mm; null below the end of the curve. */
export function halfWidthAtMm(outward: Polyline, depthMm: number): number | null {
  for (let i = 1; i < outward.length; i++) {
    const upper = outward[i - 1]!;
    const lower = outward[i]!;
    if (-lower.zMm < depthMm) continue;
    const drop = upper.zMm - lower.zMm;
    const t = drop > 0 ? (upper.zMm + depthMm) / drop : 1;
    return upper.yMm + t * (lower.yMm - upper.yMm);
  }
  return null;
}

/** Width across both sides at a depth, mm; null below the shorter end. */
export function widthAcrossMm(section: Section, depthMm: number): number | null {
  const near = halfWidthAtMm(sideOutward(section, 'near'), depthMm);
  const off = halfWidthAtMm(sideOutward(section, 'off'), depthMm);
  return near === null || off === null ? null : near + off;
}

/**
 * Angle of one side from the vertical, degrees: least squares of half-width on depth between two depths.
 * A curve that ends early is read as far as it goes; null when less than 30 mm of depth is left.
 */
export function sideAngleDeg(
  outward: Polyline,
  fromMm: number = ANGLE_DEPTHS_MM.fromMm,
  toMm: number = ANGLE_DEPTHS_MM.toMm,
): number | null {
  const lowest = Math.min(toMm, depthReachedMm(outward));
  if (lowest - fromMm < LEAST_ANGLE_RANGE_MM) return null;
  const depths = Array.from({ length: ANGLE_SAMPLES }, (_, i) => fromMm + ((lowest - fromMm) * i) / (ANGLE_SAMPLES - 1));
  const line = fitLine(
    depths,
    depths.map((d) => halfWidthAtMm(outward, d) ?? 0),
  );
  return line === null ? null : degFromRad(Math.atan(line.slope));
}

/** Radius of the top, mm; null when it is as good as flat. */
export function apexRadiusMm(section: Section): number | null {
  const apex = section.points[section.apexIndex]!;
  return fitCircle(section.points.filter((p) => distanceMm(p, apex) <= APEX_REACH_MM))?.radiusMm ?? null;
}

export interface SideMeasures {
  readonly depthMm: number;
  readonly angleDeg: number | null;
  /** One entry per gauge depth, null below the end of the curve. */
  readonly halfWidthsMm: readonly (number | null)[];
}

export interface SectionMeasures {
  readonly near: SideMeasures;
  readonly off: SideMeasures;
  readonly includedAngleDeg: number | null;
  readonly apexRadiusMm: number | null;
  readonly widthsMm: readonly (number | null)[];
  /** Straight across between the two ends at the depth both reach, mm. */
  readonly totalSpanMm: number;
  /** Off minus near, so + means fuller on the off side. */
  readonly offMinusNear: { readonly angleDeg: number | null; readonly halfWidthsMm: readonly (number | null)[] };
}

/** Everything that is read off one section; recomputed, never stored as truth. */
export function measureSection(section: Section): SectionMeasures {
  const near = measureSide(section, 'near');
  const off = measureSide(section, 'off');
  const both = (a: number | null, b: number | null, f: (a: number, b: number) => number): number | null =>
    a === null || b === null ? null : f(a, b);
  return {
    near,
    off,
    includedAngleDeg: both(near.angleDeg, off.angleDeg, (a, b) => a + b),
    apexRadiusMm: apexRadiusMm(section),
    widthsMm: GAUGE_DEPTHS_MM.map((d) => widthAcrossMm(section, d)),
    totalSpanMm: widthAcrossMm(section, Math.min(near.depthMm, off.depthMm)) ?? 0,
    offMinusNear: {
      angleDeg: both(near.angleDeg, off.angleDeg, (a, b) => b - a),
      halfWidthsMm: near.halfWidthsMm.map((n, i) => both(n, off.halfWidthsMm[i] ?? null, (a, b) => b - a)),
    },
  };
}

function measureSide(section: Section, side: NearOff): SideMeasures {
  const outward = sideOutward(section, side);
  return {
    depthMm: depthReachedMm(outward),
    angleDeg: sideAngleDeg(outward),
    halfWidthsMm: GAUGE_DEPTHS_MM.map((d) => halfWidthAtMm(outward, d)),
  };
}

/** Beside the withers is so far from the spine, mm (default): for a front alone and for a saddle that has settled. */
export const BESIDE_AT_MM = [15, 20, 25, 30] as const;
