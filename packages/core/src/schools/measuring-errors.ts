import { type LandmarkId } from '../back/landmarks';

type FeltPlace = Extract<LandmarkId, 'lastRib' | 'scapulaRest' | 'scapulaForward' | 'girthGroove' | 'lowPoint' | 'witherBase'>;

/** How far off a measure may be where its own takes can't tell: one standard deviation each. Every number is a default. */
export interface MeasuringErrors {
  /** A place felt with the hand, along the back. */
  readonly landmarkMm: Readonly<Record<FeltPlace, number>>;
  /** A place that was set by eye errs so many times as far as one that was felt. */
  readonly byEyeTimes: number;
  /** The edges of spine and long muscle, width across. */
  readonly edgeMm: number;
  /** The line along the spine: how far it may be tilted, and how far its middle may lie too high or low. */
  readonly topline: { readonly tiltDeg: number; readonly sagMm: number };
  /** The same while it isn't measured, and the spine is taken as level. */
  readonly noTopline: { readonly tiltDeg: number; readonly sagMm: number };
  /** Where along the back a saddle is put down. */
  readonly placeMm: number;
}

export const MEASURING_ERRORS: MeasuringErrors = {
  landmarkMm: { lastRib: 10, scapulaRest: 6, scapulaForward: 8, girthGroove: 10, lowPoint: 15, witherBase: 10 },
  byEyeTimes: 3,
  edgeMm: 5,
  topline: { tiltDeg: 0.5, sagMm: 2 },
  noTopline: { tiltDeg: 3, sagMm: 12 },
  placeMm: 4,
};
