import { type Leaves, leavesTolerance } from '../change/leaves-tolerance';
import { type CriterionId } from '../schools/criteria';

/** What decides whether a tree still fits a back: its front, its height over the withers, and how it lies along and across. */
export const TREE_CRITERIA = [
  'frontEven',
  'withersOver',
  'withersBeside',
  'bridgeGap',
  'seatLevel',
  'roll',
] as const satisfies readonly CriterionId[];
export type TreeCriterion = (typeof TREE_CRITERIA)[number];

/** What one number of the fit was on one back, and what is wanted of it. */
export interface FitValue {
  readonly id: TreeCriterion;
  readonly value: number;
  readonly least: number | null;
  readonly most: number | null;
}

/** The present tree carried through the fit on the back of one day. */
export interface FitOnDay {
  /** Whole days, from any day. */
  readonly day: number;
  readonly values: readonly FitValue[];
}

export interface TreeForecast {
  /** What leaves first; null where nothing could be carried. */
  readonly first: { readonly id: TreeCriterion; readonly leaves: Leaves } | null;
  readonly all: readonly { readonly id: TreeCriterion; readonly leaves: Leaves }[];
}

/**
 * When the present tree leaves its tolerance: it is laid on the back of every date, and the trend of what that says is carried on. No rule
 * of thumb, and nothing where there are fewer than four dates.
 */
export function treeForecast(fits: readonly FitOnDay[], today: number): TreeForecast {
  const all = TREE_CRITERIA.flatMap((id) => {
    const series = fits.flatMap(({ day, values }) => values.filter((v) => v.id === id).map((v) => ({ day, ...v })));
    const last = series.at(-1);
    if (last === undefined) return [];
    const fitsStill = (value: number): boolean =>
      (last.least === null || value >= last.least) && (last.most === null || value <= last.most);
    return [{ id, leaves: leavesTolerance({ values: series, today, fits: fitsStill }) }];
  });
  return {
    first: all.reduce<(typeof all)[number] | null>((best, f) => (best === null || sooner(f.leaves, best.leaves) ? f : best), null),
    all,
  };
}

/** Out already is soonest; what leaves is sooner than what stays; what can't be known comes last. */
const sooner = (a: Leaves, b: Leaves): boolean => rank(a) < rank(b);
const rank = (leaves: Leaves): number => {
  switch (leaves.code) {
    case 'alreadyOut':
      return -Infinity;
    case 'leaves':
      return leaves.earlyDay;
    case 'stays':
      return 1e8;
    case 'tooFewDates':
      return 2e8;
  }
};
