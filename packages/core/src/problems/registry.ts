import { type NearOff } from '../units';

/** What a value of a problem is: these stand for their types, and are told apart at run time by theirs. */
const NUMBER = 0 as number;
const WORD = '' as string;
const SIDE = '' as NearOff;

/**
 * Every way the core can refuse or doubt an input, with the values a message needs to name the culprit and the remedy.
 * A code is never reused; wording lives with the interface.
 */
export const PROBLEMS = {
  SECTION_NOT_A_NUMBER: { index: NUMBER },
  SECTION_TOO_FEW_POINTS: { count: NUMBER, least: NUMBER },
  SECTION_TOO_MANY_POINTS: { count: NUMBER, most: NUMBER },
  SECTION_TOO_SMALL: { spanMm: NUMBER },
  SECTION_TOO_LARGE: { spanMm: NUMBER },
  SECTION_ONE_SIDED: { side: SIDE, reachMm: NUMBER, leastMm: NUMBER },
  SECTION_TOO_SHALLOW: { depthMm: NUMBER, neededMm: NUMBER },
  SECTION_FOLDS: { side: SIDE, depthMm: NUMBER },
  WIDTHS_TOO_FEW: { count: NUMBER, least: NUMBER },
  WIDTH_NOT_POSITIVE: { side: SIDE, depthMm: NUMBER, widthMm: NUMBER },
  WIDTH_DEPTH_NOT_POSITIVE: { depthMm: NUMBER },
  WIDTH_DEPTH_TWICE: { depthMm: NUMBER },
  WIDTHS_CROSS: { side: SIDE, upperDepthMm: NUMBER, upperMm: NUMBER, lowerDepthMm: NUMBER, lowerMm: NUMBER },
  WIDTH_OUT_OF_RANGE: { side: SIDE, depthMm: NUMBER, widthMm: NUMBER, mostMm: NUMBER },
  BENDS_PITCH: { pitchMm: NUMBER, leastPitchMm: NUMBER, mostPitchMm: NUMBER },
  BENDS_COUNT: { count: NUMBER, least: NUMBER, most: NUMBER },
  BENDS_CENTRE: { centreJoint: NUMBER, count: NUMBER },
  BEND_TOO_SHARP: { joint: NUMBER, bendDeg: NUMBER, mostDeg: NUMBER },
  BENDS_TILT: { tiltDeg: NUMBER, mostDeg: NUMBER },
  LINE_NOT_A_NUMBER: { index: NUMBER },
  LINE_TOO_FEW_POINTS: { count: NUMBER, least: NUMBER },
  LINE_TOO_MANY_POINTS: { count: NUMBER, most: NUMBER },
  LINE_LENGTH: { lengthMm: NUMBER, leastMm: NUMBER, mostMm: NUMBER },
  LINE_TOO_STEEP: { xMm: NUMBER, mostDeg: NUMBER },
  TAKE_OTHER_DIRECTION: { kind: WORD },
  LANDMARK_OUT_OF_RANGE: { landmark: WORD, atMm: NUMBER, leastMm: NUMBER, mostMm: NUMBER },
  LANDMARK_ORDER: { landmark: WORD, atMm: NUMBER, other: WORD, otherMm: NUMBER },
  SCAPULA_TRAVEL_BACKWARD: { side: SIDE, restMm: NUMBER, forwardMm: NUMBER },
  MUSCLE_INSIDE_SPINE: { station: WORD, muscleMm: NUMBER, spineMm: NUMBER },
  SURFACE_TOO_FEW_STATIONS: { count: NUMBER, least: NUMBER },
  SURFACE_STATIONS_COINCIDE: { atMm: NUMBER },
  ARCH_ANGLE_OUT_OF_RANGE: { angleDeg: NUMBER, leastDeg: NUMBER, mostDeg: NUMBER },
  ARCH_LENGTH_OUT_OF_RANGE: { lengthMm: NUMBER, leastMm: NUMBER, mostMm: NUMBER },
  ARCH_DOES_NOT_SETTLE: { angleDeg: NUMBER },
  SADDLE_OUT_OF_RANGE: { measure: WORD, value: NUMBER, least: NUMBER, most: NUMBER },
  SADDLE_RANGE_WITHOUT_VALUE: { measure: WORD, value: NUMBER, least: NUMBER, most: NUMBER },
  SADDLE_PLACE_OUTSIDE: { measure: WORD, atMm: NUMBER, lengthMm: NUMBER },
  RIDER_MASS_OUT_OF_RANGE: { massKg: NUMBER, mostKg: NUMBER },
  RIDER_OFFSET_OUT_OF_RANGE: { offsetMm: NUMBER, mostMm: NUMBER },
  STIRRUP_SHARE_OUT_OF_RANGE: { share: NUMBER },
  GAIT_UNKNOWN: { gait: WORD },
  BACK_POSE_UNKNOWN: { pose: WORD },
  STRAP_PULL_OUT_OF_RANGE: { pullN: NUMBER, mostN: NUMBER },
  STRAP_BUCKLE_ON_ANCHOR: { strap: WORD, belowMm: NUMBER, leastMm: NUMBER },
  SETUP_WIDTH_UNKNOWN: { index: NUMBER, count: NUMBER },
  SETUP_OUT_OF_RANGE: { measure: WORD, value: NUMBER, least: NUMBER, most: NUMBER },
  SETUP_STRAP_UNKNOWN: { strap: WORD },
  SADDLE_OFF_THE_BACK: { share: NUMBER },
  CONTACT_LISTS_DIFFER: { list: WORD, count: NUMBER, wanted: NUMBER },
  CONTACT_OUT_OF_RANGE: { what: WORD, index: NUMBER, value: NUMBER },
  RIDER_MEASURE_OUT_OF_RANGE: { measure: WORD, mm: NUMBER, mostMm: NUMBER },
  RIDER_MEASURE_MISSING: { measure: WORD },
  RIDER_LENGTHS_DISAGREE: { measure: WORD, mm: NUMBER, expectedMm: NUMBER, sdMm: NUMBER, against: WORD, againstMm: NUMBER },
  KNEE_ANGLE_OUT_OF_RANGE: { kneeDeg: NUMBER },
  LEATHER_OUT_OF_RANGE: { measure: WORD, value: NUMBER, least: NUMBER },
  LEG_TOO_SHORT_SIDEWAYS: { kneeOutMm: NUMBER },
  LEG_CANNOT_REACH_BAR: { byMm: NUMBER },
  LEG_TOO_SHORT_FOR_HANG: { hangMm: NUMBER, byMm: NUMBER },
  BARREL_NOT_CONVEX: { circumferenceMm: NUMBER, breadthMm: NUMBER, depthMm: NUMBER },
  BARREL_TRACING_TOO_SHORT: { points: NUMBER, least: NUMBER },
  BARREL_TRACING_OUT_OF_ORDER: { place: NUMBER, belowMm: NUMBER },
  BARREL_TRACING_HOLLOW: { belowMm: NUMBER },
  PHOTO_POINTS_MISSING: { missing: WORD },
  PHOTO_SCALE_TOO_SHORT: { px: NUMBER, leastPx: NUMBER },
  SCHOOL_NUMBER_UNKNOWN: { path: WORD },
  SCHOOL_NUMBER_OUT_OF_RANGE: { path: WORD, value: NUMBER, least: NUMBER, most: NUMBER },
  SCHOOL_CHOICE_UNKNOWN: { path: WORD, value: WORD },
  SCHOOL_LIMITS_CROSSED: { path: WORD, least: NUMBER, most: NUMBER },
  SCHOOL_VERSION_UNKNOWN: { name: WORD, version: NUMBER },
  HANG_TOO_SHORT: { hangMm: NUMBER, leastMm: NUMBER },
} satisfies Record<string, Readonly<Record<string, number | string>>>;

export type ProblemCode = keyof typeof PROBLEMS;
export type ProblemValues = { readonly [C in ProblemCode]: Readonly<(typeof PROBLEMS)[C]> };
/** A problem of one code has just the values of that code. */
export type Problem = { readonly [C in ProblemCode]: { readonly code: C; readonly values: ProblemValues[C] } }[ProblemCode];

/** Whether something that came from elsewhere is a problem this release knows, with all its values. */
export function isProblem(given: { readonly code: string; readonly values: Readonly<Record<string, unknown>> }): given is Problem {
  if (!Object.hasOwn(PROBLEMS, given.code)) return false;
  const wanted = Object.entries<number | string>(PROBLEMS[given.code as ProblemCode]);
  return wanted.every(([name, like]) => typeof given.values[name] === typeof like && !Number.isNaN(given.values[name]));
}

/** Either the thing asked for, or every reason why not. */
export type Outcome<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problems: readonly Problem[] };

export const done = <T>(value: T): Outcome<T> => ({ ok: true, value });
export const refused = <T>(...problems: Problem[]): Outcome<T> => ({ ok: false, problems });
export const problem = <C extends ProblemCode>(code: C, values: ProblemValues[C]) =>
  ({ code, values }) as unknown as Extract<Problem, { code: C }>;
