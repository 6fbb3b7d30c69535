import { risingRoot } from '../geometry';
import { type Outcome, done, problem, refused } from '../problems';
import { type ArchShape, type FrontArch, ARCH_LIMITS, ARCH_SHAPES, CROWN_RADIUS_MM } from '../saddle/front-arch';
import { type School } from '../schools/school';
import { radFromDeg } from '../units';
import { type LaidArch, type PreparedSection, layArch } from './arch-on-section';
import { type Padding, DEEPEST_PANEL_MM } from './padding';

/** Where only a floor for the withers is asked, this much over it is aimed at: half a finger (default). */
const OVER_THE_FLOOR_MM = 9;
/** Degrees, or mm of opening. */
const ANGLE_TOLERANCE = 1e-4;

/** The panel in front is made deeper in steps of this where no crown leaves the room a school asks for, mm (default). */
const DEEPER_BY_MM = 2;
/** More than the least, so that the error of the hand doesn't refuse it again, mm (default). */
const TO_SPARE_MM = 4;

/** The arch that lies even under both points, for one crown shape. */
export interface EvenArch {
  readonly laid: LaidArch;
  /** How far the withers clearance is from what the school aims at, mm. */
  readonly clearanceMissMm: number;
}

export interface FrontRecommendation {
  /** What the school asks for: the even arch, or wider by its widths-over. */
  readonly target: LaidArch;
  readonly even: EvenArch;
  /** The even arch in every shape, best first. */
  readonly byShape: readonly EvenArch[];
  /** How far the front comes down when going from even to target, mm. */
  readonly dropMm: number;
  /** Thickness under each side that gives it back, mm: a panel thicker by t raises the crown by t / sin(half angle). */
  readonly shimMm: number;
}

/** Clearance over the withers that a school aims at, mm: the middle of its range, or a little over its floor. */
export const wantedClearanceMm = (school: School): number =>
  school.rules.withersOver.most === null
    ? school.rules.withersOver.least + OVER_THE_FLOOR_MM
    : (school.rules.withersOver.least + school.rules.withersOver.most) / 2;

/**
 * The included angle at which tip and top lie equally close, mean of both sides.
 * @returns ARCH_ANGLE_OUT_OF_RANGE when no buildable arch does
 */
export function evenArch(body: PreparedSection, shape: ArchShape, pointLengthMm: number, padding: Padding): Outcome<LaidArch> {
  const archAt = (includedAngleDeg: number): FrontArch => ({
    shape,
    crownRadiusMm: CROWN_RADIUS_MM[shape],
    includedAngleDeg,
    pointLengthMm,
  });
  const opening = (deg: number): number => {
    const laid = layArch(body, archAt(deg), padding);
    return laid.ok ? (laid.value.near.tipMinusTopMm + laid.value.off.tipMinusTopMm) / 2 : Number.NaN;
  };
  const angle = risingRoot(opening, ARCH_LIMITS.leastDeg, ARCH_LIMITS.mostDeg, ANGLE_TOLERANCE);
  if (angle !== null) return layArch(body, archAt(angle), padding);
  const { leastDeg, mostDeg } = ARCH_LIMITS;
  return refused(problem('ARCH_ANGLE_OUT_OF_RANGE', { angleDeg: opening(leastDeg) > 0 ? leastDeg : mostDeg, leastDeg, mostDeg }));
}

/**
 * Which tree front suits this section under this school: shape first, then width.
 * Shape: the crown whose even arch leaves the loaded withers clearance nearest to what the school aims at. Where none leaves what it
 * asks for, the panel in front is made as much deeper as that takes.
 */
export function recommendFront(
  body: PreparedSection,
  school: School,
  pointLengthMm: number,
  padding: Padding,
): Outcome<FrontRecommendation> {
  const found = recommendAt(body, school, pointLengthMm, padding);
  if (!found.ok) return found;
  const short = school.rules.withersOver.least + TO_SPARE_MM - found.value.target.loadedMm;
  if (short <= 0 || padding.panelDepthMm >= DEEPEST_PANEL_MM) return found;
  const sine = Math.sin(radFromDeg(found.value.target.arch.includedAngleDeg / 2));
  const deeper = DEEPER_BY_MM * Math.ceil((short * sine) / DEEPER_BY_MM);
  const panelDepthMm = Math.min(DEEPEST_PANEL_MM, padding.panelDepthMm + deeper);
  const again = recommendAt(body, school, pointLengthMm, { ...padding, panelDepthMm });
  return again.ok ? again : found;
}

function recommendAt(body: PreparedSection, school: School, pointLengthMm: number, padding: Padding): Outcome<FrontRecommendation> {
  const outcomes = ARCH_SHAPES.map((shape) => evenArch(body, shape, pointLengthMm, padding));
  const laid = outcomes.flatMap((o) => (o.ok ? [o.value] : []));
  const best = rankedByClearance(laid, school);
  const even = best[0];
  if (even === undefined) return refused(...outcomes.flatMap((o) => (o.ok ? [] : o.problems)).slice(0, 1));
  const target = layArch(body, widened(even.laid.arch, school), padding);
  if (!target.ok) return target;
  const dropMm = Math.max(0, even.laid.crownZMm - target.value.crownZMm);
  const shimMm = dropMm * Math.sin(radFromDeg(target.value.arch.includedAngleDeg / 2));
  return done({ target: target.value, even, byShape: best, dropMm, shimMm });
}

function rankedByClearance(laid: readonly LaidArch[], school: School): EvenArch[] {
  const wanted = wantedClearanceMm(school);
  return laid
    .map((l) => ({ laid: l, clearanceMissMm: Math.abs(l.loadedMm - wanted) }))
    .sort((a, b) => a.clearanceMissMm - b.clearanceMissMm);
}

const widened = (arch: FrontArch, school: School): FrontArch => ({
  ...arch,
  includedAngleDeg: Math.min(ARCH_LIMITS.mostDeg, arch.includedAngleDeg + school.front.widthsOver * school.front.widthStepDeg),
});
