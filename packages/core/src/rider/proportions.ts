import { type Outcome, done, problem, refused } from '../problems';
import { type KnownLength, type RiderMeasure, type RiderMeasuresMm, RIDER_MEASURES } from './rider-measures';

interface Share {
  readonly share: number;
  readonly sdMm: number;
  readonly source: string;
}
/** Lengths of the body itself; a boot's sole is none. */
type Filled = Exclude<RiderMeasure, 'stature' | 'insideLeg' | 'bootSole'>;

const DRILLIS = 'Drillis and Contini 1966, as tabulated by Winter';
/** Share of the stature each length has in adults; spreads are defaults. */
export const SHARE_OF_STATURE: Readonly<Record<Filled, Share>> = {
  thigh: { share: 0.245, sdMm: 19, source: DRILLIS },
  kneeToSole: { share: 0.285, sdMm: 16, source: DRILLIS },
  ankleHeight: { share: 0.039, sdMm: 6, source: DRILLIS },
  ankleToBall: { share: 0.073, sdMm: 8, source: 'default: 0.48 of the foot’s length' },
  heelToAnkle: { share: 0.038, sdMm: 5, source: 'default: 0.25 of the foot’s length' },
  hipBreadth: { share: 0.191, sdMm: 20, source: DRILLIS },
  hipJointHalfDistance: { share: 0.05, sdMm: 8, source: 'default, from Bell and others 1990' },
  hipJointAboveSeat: { share: 0.055, sdMm: 15, source: 'default: trochanter height less crotch height' },
  shoulderAboveHip: { share: 0.288, sdMm: 18, source: DRILLIS },
  armpitToFingertip: { share: 0.38, sdMm: 20, source: 'default: whole arm less shoulder to armpit' },
  buttockToKneeHollow: { share: 0.29, sdMm: 20, source: 'default' },
};

/** With the inside leg the hip joint's height is known better than by the stature, and is shared between thigh and shank. */
export const SHARE_OF_HIP_HEIGHT = {
  thigh: { share: 0.462, sdMm: 14 },
  kneeToSole: { share: 0.538, sdMm: 12 },
} as const;

/** Outside of these nothing is filled in: children and riders under 1.40 m are measured (default). */
export const PROPORTIONS_HOLD_MM = { least: 1400, most: 2100 } as const;
/** Error of a hand with a tape on a person, one standard deviation, mm (default). */
export const TAPE_SD_MM = 5;

export type RiderBody = Readonly<Record<Filled, KnownLength>>;

/**
 * Every length the leg is drawn from: measured where it was, else filled in by proportion and marked as such.
 * @returns refused with the measures that are missing where the rider is too short for proportions, or no stature is known
 */
export function riderBody(measured: RiderMeasuresMm): Outcome<RiderBody> {
  const bad = RIDER_MEASURES.filter((m) => measured[m] !== undefined && !(measured[m] > 0 && measured[m] < LONGEST_MM));
  if (bad.length > 0)
    return refused(...bad.map((m) => problem('RIDER_MEASURE_OUT_OF_RANGE', { measure: m, mm: measured[m]!, mostMm: LONGEST_MM })));
  const { stature } = measured;
  const fills = stature !== undefined && stature >= PROPORTIONS_HOLD_MM.least && stature <= PROPORTIONS_HOLD_MM.most;
  const names = Object.keys(SHARE_OF_STATURE) as Filled[];
  const known = names.map((name) => [name, lengthOf(name, measured, fills)] as const);
  const missing = known.filter(([, length]) => length === null).map(([name]) => name);
  if (missing.length > 0) return refused(...missing.map((measure) => problem('RIDER_MEASURE_MISSING', { measure })));
  return done(Object.fromEntries(known) as unknown as RiderBody);
}

/** No part of a person is longer than this, mm. */
const LONGEST_MM = 2500;

function lengthOf(name: Filled, measured: RiderMeasuresMm, fills: boolean): KnownLength | null {
  const own = measured[name];
  if (own !== undefined) return { mm: own, from: 'measured', sdMm: TAPE_SD_MM };
  const { stature, insideLeg } = measured;
  if (!fills || stature === undefined) return null;
  if (insideLeg !== undefined && (name === 'thigh' || name === 'kneeToSole')) {
    const hipHeight = insideLeg + SHARE_OF_STATURE.hipJointAboveSeat.share * stature;
    return { mm: SHARE_OF_HIP_HEIGHT[name].share * hipHeight, from: 'insideLeg', sdMm: SHARE_OF_HIP_HEIGHT[name].sdMm };
  }
  const { share, sdMm } = SHARE_OF_STATURE[name];
  return { mm: share * stature, from: 'stature', sdMm };
}
