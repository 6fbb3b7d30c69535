import { type PointYZ, type Polyline, distanceMm, monotoneCurve, point, runningLengthsMm } from '../geometry';
import { type Outcome, type Problem, done, problem, refused } from '../problems';
import { SIDES } from '../units';
import { type Section, depthReachedMm, sideOutward } from './section';

/** Limits of a believable section, defaults: an adult hand's reach on a foal up to the broadest draught horse. */
export const POINT_LIMITS = {
  leastPoints: 5,
  mostPoints: 2000,
  leastSpanMm: 60,
  mostSpanMm: 1200,
  leastSideDepthMm: 60,
} as const;

const SAME_POINT_MM = 0.01;
const SPACING_MM = 4;
const FOLD_MM = 15;

export interface PointsReading {
  readonly section: Section;
  /** Points that fell on one already there and were left out. */
  readonly duplicates: number;
  /** How far the highest place lies from the spine line, mm, + to the off side: a curve off centre or a true lean. */
  readonly highestOffSpineMm: number;
}

/**
 * A section from points tapped or traced in any order, y = 0 on the spine, any height for zero.
 * The curve goes through every point and adds no bump between them.
 * @returns the section with its apex moved to (0, 0), or every problem found
 */
export function sectionFromPoints(raw: readonly PointYZ[]): Outcome<PointsReading> {
  const problems = pointProblems(raw);
  if (problems.length > 0) return refused(...problems);
  const ordered = orderedAround(withoutDuplicates(raw));
  if (ordered.length < POINT_LIMITS.leastPoints) return refused(tooFew(ordered.length));
  const oneSided = SIDES.flatMap((side) => oneSidedProblem(ordered, side));
  if (oneSided.length > 0) return refused(...oneSided);
  const curve = smoothCurve(ordered);
  const section = centred(curve);
  const shallow = SIDES.flatMap((side) => shallowProblem(section, side));
  if (shallow.length > 0) return refused(...shallow);
  const folds = SIDES.flatMap((side) => foldProblem(section, side));
  if (folds.length > 0) return refused(...folds);
  const highest = curve.reduce((best, p) => (p.zMm > best.zMm ? p : best));
  return done({ section, duplicates: raw.length - ordered.length, highestOffSpineMm: highest.yMm });
}

const tooFew = (count: number): Problem => problem('SECTION_TOO_FEW_POINTS', { count, least: POINT_LIMITS.leastPoints });

function pointProblems(raw: readonly PointYZ[]): Problem[] {
  if (raw.length < POINT_LIMITS.leastPoints) return [tooFew(raw.length)];
  if (raw.length > POINT_LIMITS.mostPoints) {
    return [problem('SECTION_TOO_MANY_POINTS', { count: raw.length, most: POINT_LIMITS.mostPoints })];
  }
  const bad = raw.findIndex((p) => !Number.isFinite(p.yMm) || !Number.isFinite(p.zMm));
  if (bad >= 0) return [problem('SECTION_NOT_A_NUMBER', { index: bad + 1 })];
  const spanMm = spread(raw.map((p) => p.yMm));
  const heightMm = spread(raw.map((p) => p.zMm));
  if (spanMm < POINT_LIMITS.leastSpanMm) return [problem('SECTION_TOO_SMALL', { spanMm })];
  const largest = Math.max(spanMm, heightMm);
  if (largest > POINT_LIMITS.mostSpanMm) return [problem('SECTION_TOO_LARGE', { spanMm: largest })];
  return [];
}

const spread = (values: readonly number[]): number => Math.max(...values) - Math.min(...values);

function oneSidedProblem(points: readonly PointYZ[], side: 'near' | 'off'): Problem[] {
  const reachMm = Math.max(0, ...points.map((p) => (side === 'off' ? p.yMm : -p.yMm)));
  const leastMm = POINT_LIMITS.leastSpanMm / 2;
  return reachMm < leastMm ? [problem('SECTION_ONE_SIDED', { side, reachMm, leastMm })] : [];
}

function shallowProblem(section: Section, side: 'near' | 'off'): Problem[] {
  const depthMm = depthReachedMm(sideOutward(section, side));
  return depthMm < POINT_LIMITS.leastSideDepthMm
    ? [problem('SECTION_ONE_SIDED', { side, reachMm: depthMm, leastMm: POINT_LIMITS.leastSideDepthMm })]
    : [];
}

/** A side goes down and outward; a hand's shake may lift it a little, a crossing line lifts it more. */
function foldProblem(section: Section, side: 'near' | 'off'): Problem[] {
  let lowest = 0;
  for (const p of sideOutward(section, side)) {
    lowest = Math.min(lowest, p.zMm);
    if (p.zMm - lowest > FOLD_MM && lowest < -FOLD_MM) return [problem('SECTION_FOLDS', { side, depthMm: -lowest })];
  }
  return [];
}

function withoutDuplicates(points: readonly PointYZ[]): PointYZ[] {
  const sorted = [...points].sort((a, b) => a.yMm - b.yMm || a.zMm - b.zMm);
  return sorted.filter((p, i) => i === 0 || distanceMm(p, sorted[i - 1]!) > SAME_POINT_MM);
}

/** A horse's section can be seen whole from a place on the spine line at the level of its lowest point. */
function orderedAround(points: readonly PointYZ[]): PointYZ[] {
  const eyeZ = Math.min(...points.map((p) => p.zMm)) - 1;
  const bearing = (p: PointYZ): number => Math.atan2(p.yMm, p.zMm - eyeZ);
  return [...points].sort((a, b) => bearing(a) - bearing(b));
}

function smoothCurve(ordered: Polyline): PointYZ[] {
  const lengths = runningLengthsMm(ordered);
  const y = monotoneCurve(
    lengths,
    ordered.map((p) => p.yMm),
  );
  const z = monotoneCurve(
    lengths,
    ordered.map((p) => p.zMm),
  );
  const total = lengths.at(-1)!;
  const count = Math.max(40, Math.ceil(total / SPACING_MM));
  const even = Array.from({ length: count + 1 }, (_, i) => (total * i) / count);
  const stops = [...new Set([...even, ...lengths])].sort((a, b) => a - b);
  return stops.map((t) => point(y(t), z(t)));
}

/** Cuts the curve where it crosses the spine line and makes that place the origin. */
function centred(curve: Polyline): Section {
  const i = curve.findIndex((p, k) => k + 1 < curve.length && p.yMm <= 0 && curve[k + 1]!.yMm > 0);
  const a = curve[i]!;
  const b = curve[i + 1]!;
  const apexZ = a.zMm + ((0 - a.yMm) / (b.yMm - a.yMm)) * (b.zMm - a.zMm);
  const lowered = (p: PointYZ): PointYZ => point(p.yMm, p.zMm - apexZ);
  const near = curve
    .slice(0, i + 1)
    .filter((p) => p.yMm < -SAME_POINT_MM)
    .map(lowered);
  const off = curve
    .slice(i + 1)
    .filter((p) => p.yMm > SAME_POINT_MM)
    .map(lowered);
  return { points: [...near, point(0, 0), ...off], apexIndex: near.length, coarse: false };
}
