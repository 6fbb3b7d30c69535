import { type LandmarkId } from '../back/landmarks';

/** What has to be measured before a rule can be answered. */
export const NEEDS = [
  'frontSection',
  'shoulderLine',
  'scapulaAtRest',
  'scapulaTravel',
  'saddlePosition',
  'wholeBack',
  'lastRib',
  'spineLigament',
  'girthGroove',
  'longMuscle',
  'bars',
  'topline',
  'lowPoint',
] as const;
export type Need = (typeof NEEDS)[number];

/** The need each landmark answers; none where no rule asks for it alone. */
export const NEED_OF_LANDMARK: Readonly<Partial<Record<LandmarkId, Need>>> = {
  scapulaRest: 'scapulaAtRest',
  scapulaForward: 'scapulaTravel',
  girthGroove: 'girthGroove',
  lowPoint: 'lowPoint',
  lastRib: 'lastRib',
  spineEdge: 'spineLigament',
  muscleEdge: 'longMuscle',
};
