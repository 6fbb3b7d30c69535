/** What can be measured of a rider, mm. Every one may be missing: then it is filled in by proportion, and marked. */
export const RIDER_MEASURES = [
  'stature',
  'insideLeg',
  'buttockToKneeHollow',
  'thigh',
  'kneeToSole',
  'ankleHeight',
  'ankleToBall',
  'heelToAnkle',
  'hipBreadth',
  'hipJointHalfDistance',
  'hipJointAboveSeat',
  'shoulderAboveHip',
  'armpitToFingertip',
  'bootSole',
] as const;
export type RiderMeasure = (typeof RIDER_MEASURES)[number];
export type RiderMeasuresMm = Readonly<Partial<Record<RiderMeasure, number>>>;

/** A length with how it came about and how sure it is. */
export interface KnownLength {
  readonly mm: number;
  readonly from: 'measured' | 'insideLeg' | 'stature' | 'arm';
  /** One standard deviation, mm. */
  readonly sdMm: number;
}

/** No part of a person is longer than this, mm. */
export const LONGEST_MM = 2500;
