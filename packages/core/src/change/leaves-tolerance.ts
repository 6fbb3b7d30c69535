import { type LineDraw, lineDraws } from './line-draws';
import { type DayValue, type Trend, onePerDay, trendOf } from './trend';

/** No further ahead than it was watched, and at most a year, days (default). */
export const MOST_AHEAD_DAYS = 365;
/** A date is told where it is at least as likely to leave as not, within what can be foretold (default). */
export const LEAST_CHANCE_OF_DATE = 0.5;
/** The share of the draws that leave by the early end and that are still there at the late one. */
const TAIL = 0.05;

export type Leaves =
  | {
      readonly code: 'leaves';
      /** By then half of all draws have left; early and late so that nine in ten lie between. */
      readonly day: number;
      readonly earlyDay: number;
      /** Null: later than can be said. */ readonly lateDay: number | null;
      /** Of leaving within what can be foretold, 0 to 1. */
      readonly chance: number;
      readonly trend: Trend;
    }
  | { readonly code: 'stays'; readonly untilDay: number; readonly chance: number; readonly trend: Trend }
  | { readonly code: 'alreadyOut'; readonly chance: number; readonly trend: Trend }
  | { readonly code: 'tooFewDates'; readonly dates: number; readonly trend: Trend | null };

export interface LeavesQuestion {
  readonly values: readonly DayValue[];
  readonly today: number;
  /** Whether what lies there now still fits a value. */
  readonly fits: (value: number) => boolean;
}

/**
 * When what lies on the horse leaves its tolerance, if the horse goes on changing as it did: first passage over draws of slope and level.
 * The early end is what a visit is planned by. A date is told only where it is at least as likely as not within what can be foretold,
 * and where the change itself is beyond doubt: the interval of the slope holds no zero. It refuses where it can't know: under four
 * dates, or further ahead than it was watched.
 */
export function leavesTolerance({ values, today, fits }: LeavesQuestion): Leaves {
  const trend = trendOf(values);
  if (trend === null || trend.interval === null) return { code: 'tooFewDates', dates: trend?.dates ?? onePerDay(values).length, trend };
  const untilDay = today + Math.min(MOST_AHEAD_DAYS, trend.lastDay - trend.firstDay);
  const { chance, dayWith } = passages(
    lineDraws(values).map((draw) => ({ day: leavesAt(draw, today, untilDay, fits), chance: draw.chance })),
  );
  const out = chance(today);
  if (out >= LEAST_CHANCE_OF_DATE) return { code: 'alreadyOut', chance: out, trend };
  const leaves = chance(untilDay);
  const { least, most } = trend.interval;
  if (leaves < LEAST_CHANCE_OF_DATE || (least <= 0 && most >= 0)) return { code: 'stays', untilDay, chance: leaves, trend };
  return {
    code: 'leaves',
    day: dayWith(LEAST_CHANCE_OF_DATE)!,
    earlyDay: dayWith(TAIL)!,
    lateDay: dayWith(1 - TAIL),
    chance: leaves,
    trend,
  };
}

/** What share of the draws has left by a day, and the first day by which so large a share has; added up once, in order. */
function passages(draws: readonly { readonly day: number | null; readonly chance: number }[]) {
  let sum = 0;
  const left = draws
    .flatMap(({ day, chance }) => (day === null ? [] : [{ day, chance }]))
    .sort((a, b) => a.day - b.day)
    .map(({ day, chance }) => ({ day, by: (sum += chance) }));
  return {
    chance: (day: number): number => left.findLast((p) => p.day <= day)?.by ?? 0,
    dayWith: (share: number): number | null => left.find((p) => p.by >= share - ROUNDING)?.day ?? null,
  };
}

/** What adding up chances loses. */
const ROUNDING = 1e-12;

/** The first whole day on which a line no longer fits; null where it fits on all. */
function leavesAt({ perDay, atDayZero }: LineDraw, today: number, untilDay: number, fits: LeavesQuestion['fits']): number | null {
  const fitsOn = (day: number): boolean => fits(atDayZero + perDay * day);
  if (!fitsOn(today)) return today;
  // what is wanted is an interval, so a line that leaves it doesn't come back
  if (fitsOn(untilDay)) return null;
  let [stillOn, leftBy] = [today, untilDay];
  while (leftBy - stillOn > 1) {
    const middle = Math.floor((stillOn + leftBy) / 2);
    if (fitsOn(middle)) stillOn = middle;
    else leftBy = middle;
  }
  return leftBy;
}
