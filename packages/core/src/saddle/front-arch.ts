import { type PointYZ, point } from '../geometry';
import { type Outcome, type Problem, done, problem, refused } from '../problems';
import { radFromDeg } from '../units';

/** Shapes of the front arch by their crown radius, mm (defaults; measured inside the arch, over the withers). */
export const CROWN_RADIUS_MM = { peaked: 20, round: 40, broad: 65 } as const;
export type ArchShape = keyof typeof CROWN_RADIUS_MM;
export const ARCH_SHAPES: readonly ArchShape[] = ['peaked', 'round', 'broad'];

/** What can be built, defaults. */
export const ARCH_LIMITS = { leastDeg: 50, mostDeg: 150, leastPointMm: 60, mostPointMm: 300 } as const;

/** How far below the crown the neutral width is taken, mm. */
export const SPAN_DEPTH_MM = 100;

/**
 * The inside of a saddle's front arch: a round crown with two straight points that leave it at a tangent.
 * Width is given neutrally, as included angle and span at 100 mm below the crown.
 */
export interface FrontArch {
  readonly shape: ArchShape;
  readonly crownRadiusMm: number;
  /** Between the two points, degrees. */
  readonly includedAngleDeg: number;
  /** Straight length of each point from where it leaves the crown to its tip, mm. */
  readonly pointLengthMm: number;
}

/** Length of a tree point where nothing better is known, mm (default). */
export const DEFAULT_POINT_LENGTH_MM = 170;

export function frontArch(shape: ArchShape, includedAngleDeg: number, pointLengthMm: number): Outcome<FrontArch> {
  const problems = archProblems(includedAngleDeg, pointLengthMm);
  if (problems.length > 0) return refused(...problems);
  return done({ shape, crownRadiusMm: CROWN_RADIUS_MM[shape], includedAngleDeg, pointLengthMm });
}

function archProblems(angleDeg: number, lengthMm: number): Problem[] {
  const { leastDeg, mostDeg, leastPointMm, mostPointMm } = ARCH_LIMITS;
  return [
    ...(angleDeg >= leastDeg && angleDeg <= mostDeg ? [] : [problem('ARCH_ANGLE_OUT_OF_RANGE', { angleDeg, leastDeg, mostDeg })]),
    ...(lengthMm >= leastPointMm && lengthMm <= mostPointMm
      ? []
      : [problem('ARCH_LENGTH_OUT_OF_RANGE', { lengthMm, leastMm: leastPointMm, mostMm: mostPointMm })]),
  ];
}

/** The off-side point, crown at (0, 0). */
export interface ArchPoint {
  /** Where the straight point leaves the crown. */
  readonly start: PointYZ;
  readonly tip: PointYZ;
  readonly halfAngleRad: number;
}

export function archPoint(arch: FrontArch): ArchPoint {
  const a = radFromDeg(arch.includedAngleDeg / 2);
  const start = point(arch.crownRadiusMm * Math.cos(a), -arch.crownRadiusMm * (1 - Math.sin(a)));
  return { start, tip: alongPoint(start, a, arch.pointLengthMm), halfAngleRad: a };
}

/** The place on a straight point at a distance below where it leaves the crown. */
export const alongPoint = (start: PointYZ, halfAngleRad: number, mm: number): PointYZ =>
  point(start.yMm + mm * Math.sin(halfAngleRad), start.zMm - mm * Math.cos(halfAngleRad));

/** Inside width at a depth below the crown, mm; the points are thought on past their tips. */
export function spanAtMm(arch: FrontArch, depthMm: number = SPAN_DEPTH_MM): number {
  const { start, halfAngleRad } = archPoint(arch);
  return 2 * (start.yMm + (depthMm + start.zMm) * Math.tan(halfAngleRad));
}

const CROWN_STEPS = 12;

/** The off half of the inside line from the crown to the tip, crown at (0, 0). */
export function archHalfOutline(arch: FrontArch): PointYZ[] {
  const { tip, halfAngleRad } = archPoint(arch);
  const sweep = Math.PI / 2 - halfAngleRad;
  const crown = Array.from({ length: CROWN_STEPS + 1 }, (_, i) => {
    const turn = (sweep * i) / CROWN_STEPS;
    return point(arch.crownRadiusMm * Math.sin(turn), -arch.crownRadiusMm * (1 - Math.cos(turn)) || 0);
  });
  return [...crown, tip];
}

/** The whole inside line, near tip to off tip, with the crown lifted to a height. */
export function archOutline(arch: FrontArch, crownZMm = 0): PointYZ[] {
  const off = archHalfOutline(arch).map((p) => point(p.yMm, p.zMm + crownZMm));
  return [
    ...off
      .slice(1)
      .map((p) => point(-p.yMm, p.zMm))
      .reverse(),
    ...off,
  ];
}
