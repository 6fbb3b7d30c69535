import { type RiderMeasure, type RiderMeasuresMm } from './rider-measures';

export interface Share {
  readonly share: number;
  readonly sdMm: number;
  readonly source: string;
}
/** Lengths of the body itself; a boot's sole is none. */
export type Filled = Exclude<RiderMeasure, 'stature' | 'insideLeg' | 'bootSole'>;

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

/** Inside leg and stature: crotch height of adults; the spread is what is left at one stature. */
export const INSIDE_LEG: Share = { share: 0.475, sdMm: 25, source: 'Gordon and others 1989, crotch height' };

/** Outside of least and most nothing is filled in (defaults). Under `child` the adults' shares hold only roughly. */
export const PROPORTIONS_HOLD_MM = { least: 1000, child: 1400, most: 2100 } as const;
/** How much wider the spread of a child's lengths is taken than an adult's (default): children grow leg first, then trunk. */
export const CHILD_SPREAD = 2;
/** Error of a hand with a tape on a person, one standard deviation, mm (default). */
export const TAPE_SD_MM = 5;

/** A stature to fill in from: as it was measured or said, else as the inside leg or the arm tells it. */
export interface Reference {
  readonly mm: number;
  readonly sdMm: number;
  readonly from: 'stature' | 'insideLeg' | 'arm';
  readonly child: boolean;
}

/** @returns null where neither stature nor inside leg nor arm is known */
export function referenceOf({ stature, insideLeg, armpitToFingertip }: RiderMeasuresMm): Reference | null {
  const told = (mm: number, { share, sdMm }: Share): readonly [number, number] => [mm / share, sdMm / share];
  const of = (from: Reference['from'], [mm, sdMm]: readonly [number, number]): Reference => ({
    ...{ mm, from, child: mm < PROPORTIONS_HOLD_MM.child },
    sdMm: from !== 'stature' && mm < PROPORTIONS_HOLD_MM.child ? CHILD_SPREAD * sdMm : sdMm,
  });
  if (stature !== undefined) return of('stature', [stature, 0]);
  if (insideLeg !== undefined) return of('insideLeg', told(insideLeg, INSIDE_LEG));
  return armpitToFingertip === undefined ? null : of('arm', told(armpitToFingertip, SHARE_OF_STATURE.armpitToFingertip));
}

/** What a length is expected to be for a stature, mm, with its spread; a child's is wider. */
export function expectedFor({ share, sdMm }: Pick<Share, 'share' | 'sdMm'>, { mm, sdMm: ofStature, child }: Reference) {
  return { mm: share * mm, sdMm: Math.hypot((child ? CHILD_SPREAD : 1) * sdMm, share * ofStature) };
}
