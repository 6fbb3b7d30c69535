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
  ARCH_ANGLE_OUT_OF_RANGE: { fields: ['angleDeg', 'leastDeg', 'mostDeg'] },
  ARCH_LENGTH_OUT_OF_RANGE: { fields: ['lengthMm', 'leastMm', 'mostMm'] },
  ARCH_DOES_NOT_SETTLE: { fields: ['angleDeg'] },
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
