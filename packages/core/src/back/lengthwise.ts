import { monotoneCurve } from '../geometry';
import { type Outcome, type Problem, done, problem, refused } from '../problems';

/** A point of the vertical plane along the spine, mm: x toward the tail from the zero mark, z up. */
export interface PointXZ {
  readonly xMm: number;
  readonly zMm: number;
}

/** A line along the spine: the topline, or the profile of the withers. x rises from point to point. */
export interface Lengthwise {
  readonly points: readonly PointXZ[];
  /** True when it was drawn through a few heights instead of traced. */
  readonly coarse: boolean;
}

/** Limits of a believable line along a back, defaults: withers of a foal up to a draught horse from poll to dock. */
export const LENGTHWISE_LIMITS = { leastPoints: 3, mostPoints: 2000, leastLengthMm: 80, mostLengthMm: 2200, mostSlopeDeg: 65 } as const;

const SPACING_MM = 10;
const FEW_POINTS = 9;
const SAME_PLACE_MM = 0.01;

/**
 * A line along the spine from points in any order; the curve goes through every point and adds no bump between them.
 * @param raw heights above any level line
 */
export function lengthwiseFromPoints(raw: readonly PointXZ[]): Outcome<Lengthwise> {
  const sorted = [...raw].sort((a, b) => a.xMm - b.xMm).filter((p, i, all) => i === 0 || p.xMm - all[i - 1]!.xMm > SAME_PLACE_MM);
  const problems = lineProblems(raw, sorted);
  if (problems.length > 0) return refused(...problems);
  const xs = sorted.map((p) => p.xMm);
  const height = monotoneCurve(
    xs,
    sorted.map((p) => p.zMm),
  );
  const count = Math.max(2, Math.ceil((xs.at(-1)! - xs[0]!) / SPACING_MM));
  const even = Array.from({ length: count + 1 }, (_, i) => xs[0]! + ((xs.at(-1)! - xs[0]!) * i) / count);
  const stops = [...new Set([...even, ...xs])].sort((a, b) => a - b);
  return done({ points: stops.map((xMm) => ({ xMm, zMm: height(xMm) })), coarse: sorted.length < FEW_POINTS });
}

/** A drop below a level line at a place along the spine, mm; the way to measure a topline with a straight edge and a tape. */
export interface DropAt {
  readonly xMm: number;
  readonly dropMm: number;
}

export const lengthwiseFromDrops = (drops: readonly DropAt[]): Outcome<Lengthwise> =>
  lengthwiseFromPoints(drops.map(({ xMm, dropMm }) => ({ xMm, zMm: -dropMm || 0 })));

function lineProblems(raw: readonly PointXZ[], sorted: readonly PointXZ[]): Problem[] {
  const { leastPoints, mostPoints, leastLengthMm, mostLengthMm, mostSlopeDeg } = LENGTHWISE_LIMITS;
  const bad = raw.findIndex((p) => !Number.isFinite(p.xMm) || !Number.isFinite(p.zMm));
  if (bad >= 0) return [problem('LINE_NOT_A_NUMBER', { index: bad + 1 })];
  if (sorted.length < leastPoints) return [problem('LINE_TOO_FEW_POINTS', { count: sorted.length, least: leastPoints })];
  if (sorted.length > mostPoints) return [problem('LINE_TOO_MANY_POINTS', { count: sorted.length, most: mostPoints })];
  const lengthMm = sorted.at(-1)!.xMm - sorted[0]!.xMm;
  if (lengthMm < leastLengthMm || lengthMm > mostLengthMm) {
    return [problem('LINE_LENGTH', { lengthMm, leastMm: leastLengthMm, mostMm: mostLengthMm })];
  }
  const most = Math.tan((mostSlopeDeg * Math.PI) / 180);
  const steep = sorted.findIndex((p, i) => i > 0 && Math.abs(p.zMm - sorted[i - 1]!.zMm) > most * (p.xMm - sorted[i - 1]!.xMm));
  return steep < 0 ? [] : [problem('LINE_TOO_STEEP', { xMm: sorted[steep]!.xMm, mostDeg: mostSlopeDeg })];
}

/** Height at a place along the spine, mm; the end heights beyond the ends. */
export function heightAtMm(line: Lengthwise, xMm: number): number {
  const { points } = line;
  if (xMm <= points[0]!.xMm) return points[0]!.zMm;
  const i = points.findIndex((p) => p.xMm >= xMm);
  if (i < 0) return points.at(-1)!.zMm;
  const a = points[i - 1]!;
  const b = points[i]!;
  return a.zMm + ((xMm - a.xMm) / (b.xMm - a.xMm)) * (b.zMm - a.zMm);
}

export const reachesMm = (line: Lengthwise): readonly [fromMm: number, toMm: number] => [line.points[0]!.xMm, line.points.at(-1)!.xMm];
