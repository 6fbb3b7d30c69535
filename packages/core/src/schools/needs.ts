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
