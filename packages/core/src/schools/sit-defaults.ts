import { BESIDE_WITHERS_MM } from './front-defaults';
import { type SitRules, rule } from './sit-rules';

/** Screening levels of pressure, kPa: a mean, and a peak over any 8 cm2 (screening levels of this model, defaults). */
export const SCREENING_KPA = { mean: 11, peak: 30 } as const;

/**
 * From this share of friction on a saddle standing still is looked at (default): a stride lets go of it for a moment
 * each time, so what stands at a seventh already creeps. Chosen so that the demo's downhill cob is noticed and the level ones are not.
 */
export const DRIFT_LOOK_OUT = 0.12;

/**
 * What all schools share until one says otherwise: least, most, how far outside still only asks for a look, weight, hard stop.
 * Every number is a default.
 */
export const SIT_DEFAULTS = {
  sits: rule(1, null, 1, 10, 'least'),
  withersBeside: rule(BESIDE_WITHERS_MM, null, 8, 2),
  panelBehindScapula: rule(0, null, 10, 2),
  ligamentClear: rule(0, null, 10, 2, 'least'),
  frontEven: rule(-4, 4, 4, 3),
  seatLevel: rule(-2, 2, 2, 2),
  roll: rule(-1.5, 1.5, 1.5, 2),
  nearShare: rule(0.45, 0.55, 0.05, 1),
  edgeShare: rule(null, 0.4, 0.12, 1),
  insideMuscle: rule(-50, null, 25, 0.5),
  seatOverLow: rule(-45, 45, 30, 1),
  meanPressure: rule(null, SCREENING_KPA.mean, 4, 1),
  peakPressure: rule(null, SCREENING_KPA.peak, 15, 1.5),
  driftAlong: rule(-DRIFT_LOOK_OUT, DRIFT_LOOK_OUT, 0.4, 2),
  driftAcross: rule(-0.15, 0.15, 0.25, 1),
  strapLean: rule(-12, 12, 10, 1),
} as const satisfies SitRules;

/** Contact in the middle: even all along, or a slight bridge; past the upper end it rocks. */
export const EVEN_MIDDLE = { middleShare: rule(0.22, 0.44, 0.08, 3), bridgeGap: rule(null, 3, 4, 1.5) } as const;
export const SLIGHT_BRIDGE = { middleShare: rule(0.15, 0.44, 0.08, 3), bridgeGap: rule(null, 6, 4, 1.5) } as const;

export const withersOver = (leastMm: number, mostMm: number | null) => rule(leastMm, mostMm, 12, 3, 'least');
export const behindScapula = (leastMm: number) => rule(leastMm, null, 10, 3, 'least');
export const atLeastMm = (leastMm: number, weight = 3) => rule(leastMm, null, 10, weight, 'least');
export const atMostMm = (mostMm: number, scale = 6) => rule(null, mostMm, scale, 0.5);
/** The point strap is the last to be reached for. */
export const POINT_STRAP_AVOIDED = rule(null, 0, 2, 0.5);
