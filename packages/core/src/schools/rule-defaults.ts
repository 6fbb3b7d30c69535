import { MM_PER_FINGER } from '../units';
import { ENGINE_DEFAULTS } from './engine';
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
  /** More of the load lies on the long back muscle than past it (default). */
  loadOnMuscle: floor(0.5, 0.15, 0.5),
  seatOverLow: band(-45, 45, 30, 1),
  /** What this rider's exact fit of the panel reads at halt, kPa: past it the weight asks for more area, whatever the fit. */
  loadOnArea: ceiling(12, 4, 0.5),
  /** Peak over a disc of 8 cm2 as a multiple of the exact fit's: to 1.6 good, from 2.2 bad. */
  peakRatio: ceiling(1.6, 0.6, 2),
  /** Holding used over holding there is: from half it is watched, past three quarters much is used. Shown, it decides nothing. */
  driftAlong: band(-0.5, 0.5, 0.25, 0),
  driftAcross: band(-0.5, 0.5, 0.25, 0),
  /** How hard it is to turn: by its shape alone, by hand; and it bears a rider half a hand to one side (80 kg, 50 mm). */
  rollShape: floor(2, 1, 1),
  rollPush: floor(5, 3, 0.5),
  rollLetsGo: floor(40, 20, 1),
  yawPush: floor(8, 4, 0.5),
  /** From one stride to the next: up to 0.3 mm it stays, to 3 mm it works, past that it runs. */
  creepWalk: ceiling(ENGINE_DEFAULTS.creepMm.stays, ENGINE_DEFAULTS.creepMm.runs - ENGINE_DEFAULTS.creepMm.stays, 2),
  creepTrot: ceiling(ENGINE_DEFAULTS.creepMm.stays, ENGINE_DEFAULTS.creepMm.runs - ENGINE_DEFAULTS.creepMm.stays, 2),
  creepCanter: ceiling(ENGINE_DEFAULTS.creepMm.stays, ENGINE_DEFAULTS.creepMm.runs - ENGINE_DEFAULTS.creepMm.stays, 1),
  peakRatioRidden: ceiling(1.6, 0.6, 1),
  /** The least room over the withers in a stride: one finger. */
  withersRidden: floor(fingers(1), 12, 1.5),
  /** Eight degrees are about 45 mm over the length of a strap: two and a half fingers. */
  strapLean: band(-8, 8, 8, 1),
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
