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
 * Each side is a rounded wedge: width squared over depth is drawn as a shape-preserving curve of the depth, so that a
 * parabola or a hyperbola (w^2 = 2 R d + t^2 d^2: radius R on top, flanks of slope t) comes back exactly.
 * Where that would leave the widths on either side of a place, half-width over the root of the depth is used instead,
 * which never does.
 * @param widths at least two depths, in any order
 */
export function sectionFromWidths(widths: readonly WidthAtDepth[]): Outcome<Section> {
  const problems = widthProblems(widths);
  if (problems.length > 0) return refused(...problems);
  const sorted = [...widths].sort((a, b) => a.depthMm - b.depthMm);
  const crossing = SIDES.flatMap((side) => crossingProblems(sorted, side));
  if (crossing.length > 0) return refused(...crossing);
  const section = sectionFromSides(sideThrough(sorted, 'near'), sideThrough(sorted, 'off'), true);
  return done({ ...section, readAtMm: sorted.map((w) => w.depthMm) });
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
  const depths = sorted.map((w) => w.depthMm);
  const widths = sorted.map((w) => halfWidth(w, side));
  const rounded = sampled(depths.at(-1)!, roundedWedge(depths, widths));
  const monotone = rounded.every((p, i) => i === 0 || p.yMm >= rounded[i - 1]!.yMm);
  return monotone ? rounded : sampled(depths.at(-1)!, overRootOfDepth(depths, widths));
}

type WidthOfDepth = (depthMm: number) => number;

function sampled(deepestMm: number, widthAt: WidthOfDepth): PointYZ[] {
  return Array.from({ length: SAMPLES_PER_SIDE + 1 }, (_, i) => {
    const depth = deepestMm * (i / SAMPLES_PER_SIDE) ** 2;
    return point(i === 0 ? 0 : widthAt(depth), -depth || 0);
  });
}

/** NaN above the first depth where the radius on top would be negative. */
function roundedWedge(depths: readonly number[], widths: readonly number[]): WidthOfDepth {
  const ratios = widths.map((w, i) => (w * w) / depths[i]!);
  const slope = (ratios[1]! - ratios[0]!) / (depths[1]! - depths[0]!);
  const curve = monotoneCurve(depths, ratios);
  return (d) => Math.sqrt(d * (d < depths[0]! ? ratios[0]! + slope * (d - depths[0]!) : curve(d)));
}

function overRootOfDepth(depths: readonly number[], widths: readonly number[]): WidthOfDepth {
  const curve = monotoneCurve([0, ...depths.map(Math.sqrt)], [0, ...widths]);
  return (d) => curve(Math.sqrt(d));
}
