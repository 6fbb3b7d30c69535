/**
 * Every way the core can refuse or doubt an input. A code is never reused; wording lives with the interface.
 * `fields` are the names of the values a message needs to name the culprit and the remedy.
 */
export const PROBLEMS = {
  SECTION_NOT_A_NUMBER: { fields: ['index'] },
  SECTION_TOO_FEW_POINTS: { fields: ['count', 'least'] },
  SECTION_TOO_MANY_POINTS: { fields: ['count', 'most'] },
  SECTION_TOO_SMALL: { fields: ['spanMm'] },
  SECTION_TOO_LARGE: { fields: ['spanMm'] },
  SECTION_ONE_SIDED: { fields: ['side', 'reachMm', 'leastMm'] },
  SECTION_TOO_SHALLOW: { fields: ['depthMm', 'neededMm'] },
  SECTION_FOLDS: { fields: ['side', 'depthMm'] },
  WIDTHS_TOO_FEW: { fields: ['count', 'least'] },
  WIDTH_NOT_POSITIVE: { fields: ['side', 'depthMm', 'widthMm'] },
  WIDTH_DEPTH_NOT_POSITIVE: { fields: ['depthMm'] },
  WIDTH_DEPTH_TWICE: { fields: ['depthMm'] },
  WIDTHS_CROSS: { fields: ['side', 'upperDepthMm', 'upperMm', 'lowerDepthMm', 'lowerMm'] },
  WIDTH_OUT_OF_RANGE: { fields: ['side', 'depthMm', 'widthMm', 'mostMm'] },
  BENDS_PITCH: { fields: ['pitchMm', 'leastPitchMm', 'mostPitchMm'] },
  BENDS_COUNT: { fields: ['count', 'least', 'most'] },
  BENDS_CENTRE: { fields: ['centreJoint', 'count'] },
  BEND_TOO_SHARP: { fields: ['joint', 'bendDeg', 'mostDeg'] },
  BENDS_TILT: { fields: ['tiltDeg', 'mostDeg'] },
  LINE_NOT_A_NUMBER: { fields: ['index'] },
  LINE_TOO_FEW_POINTS: { fields: ['count', 'least'] },
  LINE_TOO_MANY_POINTS: { fields: ['count', 'most'] },
  LINE_LENGTH: { fields: ['lengthMm', 'leastMm', 'mostMm'] },
  LINE_TOO_STEEP: { fields: ['xMm', 'mostDeg'] },
  TAKE_OTHER_DIRECTION: { fields: ['kind'] },
  LANDMARK_OUT_OF_RANGE: { fields: ['landmark', 'atMm', 'leastMm', 'mostMm'] },
  LANDMARK_ORDER: { fields: ['landmark', 'atMm', 'other', 'otherMm'] },
  SCAPULA_TRAVEL_BACKWARD: { fields: ['side', 'restMm', 'forwardMm'] },
  MUSCLE_INSIDE_SPINE: { fields: ['station', 'muscleMm', 'spineMm'] },
  SURFACE_TOO_FEW_STATIONS: { fields: ['count', 'least'] },
  SURFACE_STATIONS_COINCIDE: { fields: ['atMm'] },
  ARCH_ANGLE_OUT_OF_RANGE: { fields: ['angleDeg', 'leastDeg', 'mostDeg'] },
  ARCH_LENGTH_OUT_OF_RANGE: { fields: ['lengthMm', 'leastMm', 'mostMm'] },
  ARCH_DOES_NOT_SETTLE: { fields: ['angleDeg'] },
  SADDLE_OUT_OF_RANGE: { fields: ['measure', 'value', 'least', 'most'] },
  SADDLE_PLACE_OUTSIDE: { fields: ['measure', 'atMm', 'lengthMm'] },
  RIDER_MASS_OUT_OF_RANGE: { fields: ['massKg', 'mostKg'] },
  SADDLE_OFF_THE_BACK: { fields: ['share'] },
} as const satisfies Record<string, { fields: readonly string[] }>;

export type ProblemCode = keyof typeof PROBLEMS;

export interface Problem {
  readonly code: ProblemCode;
  readonly values: Readonly<Record<string, number | string>>;
}

/** Either the thing asked for, or every reason why not. */
export type Outcome<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problems: readonly Problem[] };

export const done = <T>(value: T): Outcome<T> => ({ ok: true, value });
export const refused = <T>(...problems: Problem[]): Outcome<T> => ({ ok: false, problems });
export const problem = (code: ProblemCode, values: Problem['values']): Problem => ({ code, values });
