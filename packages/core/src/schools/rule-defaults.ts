import { MM_PER_FINGER } from '../units';
import { type Band, type Ceiling, type Floor, type Rule } from './criteria';

export const fingers = (count: number): number => count * MM_PER_FINGER;

type Stop = Rule['hardStop'];
export const floor = (least: number, scale: number, weight: number, hardStop: Stop = 'never'): Floor => ({
  least,
  most: null,
  scale,
  weight,
  hardStop,
});
const ceiling = (most: number, scale: number, weight: number, hardStop: Stop = 'never'): Ceiling => ({
  least: null,
  most,
  scale,
  weight,
  hardStop,
});
export const band = (least: number, most: number, scale: number, weight: number, hardStop: Stop = 'never'): Band => ({
  least,
  most,
  scale,
  weight,
  hardStop,
});

/**
 * What all schools share until one says otherwise: least, most, how far outside still only asks for a look, weight, hard stop.
 * Every number is a default of the trade or of this model.
 */
export const SHARED_RULES = {
  sits: floor(1, 1, 10, 'least'),
  /** A little over one finger. */
  withersBeside: floor(20, 8, 2),
  panelBehindScapula: floor(0, 10, 2),
  ligamentClear: floor(0, 10, 2, 'least'),
  frontEven: band(-4, 4, 4, 3),
  seatLevel: band(-2, 2, 2, 2),
  roll: band(-1.5, 1.5, 1.5, 2),
  nearShare: band(0.45, 0.55, 0.05, 1),
  edgeShare: ceiling(0.4, 0.12, 1),
  insideMuscle: floor(-50, 25, 0.5),
  seatOverLow: band(-45, 45, 30, 1),
  /** Screening levels of pressure, kPa: a mean, and a peak over any 8 cm2 (of this model). */
  meanPressure: ceiling(11, 4, 1),
  peakPressure: ceiling(30, 15, 1.5),
  /**
   * Share of friction from which a saddle standing still is looked at: a stride lets go of it for a moment each time,
   * so what stands at a seventh already creeps. Chosen so that the demo's downhill cob is noticed and the level ones are not.
   */
  driftAlong: band(-0.12, 0.12, 0.4, 2),
  driftAcross: band(-0.15, 0.15, 0.25, 1),
  strapLean: band(-12, 12, 10, 1),
} as const;

/** Contact in the middle: even all along, or a slight bridge; past the upper end it rocks. */
export const EVEN_MIDDLE = { middleShare: band(0.22, 0.44, 0.08, 3), bridgeGap: ceiling(3, 4, 1.5) } as const;
export const SLIGHT_BRIDGE = { middleShare: band(0.15, 0.44, 0.08, 3), bridgeGap: ceiling(6, 4, 1.5) } as const;

/** Room over the withers under load: refused below, looked at above. */
export const withersOver = (leastMm: number, mostMm: number | null): Floor => ({
  least: leastMm,
  most: mostMm,
  scale: 12,
  weight: 3,
  hardStop: 'least',
});
/** A distance that refuses the saddle where it is missed. */
export const keepClear = (leastMm: number): Floor => floor(leastMm, 10, 3, 'least');
export const padUpTo = (mostMm: number): Ceiling => ceiling(mostMm, 6, 0.5);
/** The point strap is the last to be reached for. */
export const POINT_STRAP_AVOIDED = ceiling(0, 2, 0.5);
