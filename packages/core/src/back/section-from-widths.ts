import { type PointYZ, monotoneCurve, point } from '../geometry';
import { type Outcome, type Problem, done, problem, refused } from '../problems';
import { type NearOff, SIDES } from '../units';
import { type Section, sectionFromSides } from './section';

/** Half-widths of both sides at one depth below the apex, mm. */
export interface WidthAtDepth {
  readonly depthMm: number;
  readonly nearMm: number;
  readonly offMm: number;
}

/** Limits of a believable half-width, default: half of a very broad draught horse. */
export const WIDTH_LIMITS = { leastCount: 2, mostHalfWidthMm: 500, mostDepthMm: 500 } as const;

const SAMPLES_PER_SIDE = 48;

/**
 * A smooth, coarse section through a few widths at depths.
 * Half-width is drawn as a shape-preserving curve of the square root of the depth, so that the apex is round
 * and a parabola comes back exactly; between two depths it never leaves their widths.
 * @param widths at least two depths, in any order
 */
export function sectionFromWidths(widths: readonly WidthAtDepth[]): Outcome<Section> {
  const problems = widthProblems(widths);
  if (problems.length > 0) return refused(...problems);
  const sorted = [...widths].sort((a, b) => a.depthMm - b.depthMm);
  const crossing = SIDES.flatMap((side) => crossingProblems(sorted, side));
  if (crossing.length > 0) return refused(...crossing);
  return done(sectionFromSides(sideThrough(sorted, 'near'), sideThrough(sorted, 'off'), true));
}

const halfWidth = (w: WidthAtDepth, side: NearOff): number => (side === 'near' ? w.nearMm : w.offMm);

function widthProblems(widths: readonly WidthAtDepth[]): Problem[] {
  if (widths.length < WIDTH_LIMITS.leastCount) {
    return [problem('WIDTHS_TOO_FEW', { count: widths.length, least: WIDTH_LIMITS.leastCount })];
  }
  const depths = widths.map((w) => w.depthMm);
  const wrongDepth = depths.filter((d) => !(d > 0) || !Number.isFinite(d));
  const twice = depths.filter((d, i) => depths.indexOf(d) !== i);
  return [
    ...wrongDepth.map((depthMm) => problem('WIDTH_DEPTH_NOT_POSITIVE', { depthMm })),
    ...twice.map((depthMm) => problem('WIDTH_DEPTH_TWICE', { depthMm })),
    ...widths.flatMap((w) => SIDES.flatMap((side) => sizeProblem(w, side))),
  ];
}

function sizeProblem(w: WidthAtDepth, side: NearOff): Problem[] {
  const widthMm = halfWidth(w, side);
  if (!(widthMm > 0)) return [problem('WIDTH_NOT_POSITIVE', { side, depthMm: w.depthMm, widthMm })];
  const mostMm = WIDTH_LIMITS.mostHalfWidthMm;
  return widthMm > mostMm ? [problem('WIDTH_OUT_OF_RANGE', { side, depthMm: w.depthMm, widthMm, mostMm })] : [];
}

function crossingProblems(sorted: readonly WidthAtDepth[], side: NearOff): Problem[] {
  return sorted.slice(1).flatMap((lower, i) => {
    const upper = sorted[i]!;
    if (halfWidth(lower, side) >= halfWidth(upper, side)) return [];
    return [
      problem('WIDTHS_CROSS', {
        side,
        upperDepthMm: upper.depthMm,
        upperMm: halfWidth(upper, side),
        lowerDepthMm: lower.depthMm,
        lowerMm: halfWidth(lower, side),
      }),
    ];
  });
}

function sideThrough(sorted: readonly WidthAtDepth[], side: NearOff): PointYZ[] {
  const roots = [0, ...sorted.map((w) => Math.sqrt(w.depthMm))];
  const width = monotoneCurve(roots, [0, ...sorted.map((w) => halfWidth(w, side))]);
  const deepest = roots.at(-1)!;
  return Array.from({ length: SAMPLES_PER_SIDE + 1 }, (_, i) => {
    const root = (deepest * i) / SAMPLES_PER_SIDE;
    return point(width(root), -root * root || 0);
  });
}
