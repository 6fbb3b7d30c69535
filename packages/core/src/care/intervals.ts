/** Why a horse is looked at again, the most pressing first. */
export const VISIT_REASONS = [
  'pain',
  'unsafeTack',
  'fall',
  'shimsInUse',
  'newSaddle',
  'growing',
  'young',
  'returning',
  'newFlocking',
  'changedWeight',
  'changedWork',
  'treeForecast',
  'settledAdult',
] as const;
export type VisitReason = (typeof VISIT_REASONS)[number];

/** Reasons that wait for no interval. */
export const AT_ONCE: readonly VisitReason[] = ['pain', 'unsafeTack', 'fall'];

/** Days to the next look by reason: usual practice of the trade (8 to 12 weeks; half a year), default. */
export const VISIT_INTERVAL_DAYS = {
  shimsInUse: 42,
  newSaddle: 56,
  growing: 63,
  young: 63,
  returning: 63,
  newFlocking: 63,
  changedWeight: 70,
  changedWork: 70,
  settledAdult: 182,
} as const satisfies Partial<Record<VisitReason, number>>;
export type IntervalReason = keyof typeof VISIT_INTERVAL_DAYS;
export const INTERVAL_REASONS = Object.keys(VISIT_INTERVAL_DAYS) as IntervalReason[];
export type VisitIntervals = Readonly<Record<IntervalReason, number>>;

/** Nothing but what is at once is planned sooner than this after a visit, days (default). */
export const SOONEST_DAYS = 14;
/** How long a look at tack lasts, days. */
export interface TackDays {
  /** An owner's look; a fitter's walk counts as one too. */
  readonly ownerLook: number;
  /** A fitter's walk, which belongs to each visit. */
  readonly fitterWalk: number;
}
/** A month, and as long as a settled adult waits for its next visit: usual practice (defaults). */
export const TACK_DAYS: TackDays = { ownerLook: 31, fitterWalk: VISIT_INTERVAL_DAYS.settledAdult };
/** A horse grows up to this age, and counts as young up to that, years (defaults). */
export const GROWING_UNDER_YEARS = 5;
export const YOUNG_UNDER_YEARS = 7;
/** A change of body weight by this share is one that counts (default). */
export const WEIGHT_CHANGE_SHARE = 0.05;
