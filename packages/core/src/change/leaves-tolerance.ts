import { type DayValue, type Trend, interceptOf, onePerDay, trendOf } from './trend';

/** No further ahead than it was watched, and at most a year, days (default). */
export const MOST_AHEAD_DAYS = 365;

export type Leaves =
  | {
      readonly code: 'leaves';
      readonly day: number;
      readonly earlyDay: number;
      /** Null: later than can be said. */ readonly lateDay: number | null;
      readonly trend: Trend;
    }
  | { readonly code: 'stays'; readonly untilDay: number; readonly trend: Trend }
  | { readonly code: 'alreadyOut'; readonly trend: Trend }
  | { readonly code: 'tooFewDates'; readonly dates: number; readonly trend: Trend | null };

export interface LeavesQuestion {
  readonly values: readonly DayValue[];
  readonly today: number;
  /** Whether what lies there now still fits a value. */
  readonly fits: (value: number) => boolean;
}

/**
 * When what lies on the horse leaves its tolerance, if the horse goes on changing as it did. The early end is what a visit is planned by.
 * It refuses where it can't know: under four dates, or further ahead than it was watched.
 */
export function leavesTolerance({ values, today, fits }: LeavesQuestion): Leaves {
  const trend = trendOf(values);
  if (trend === null || trend.interval === null) return { code: 'tooFewDates', dates: trend?.dates ?? onePerDay(values).length, trend };
  const days = onePerDay(values);
  const until = today + Math.min(MOST_AHEAD_DAYS, trend.lastDay - trend.firstDay);
  const leavesAt = (perDay: number): number | null => {
    const atZero = interceptOf(days, perDay);
    for (let day = today; day <= until; day++) if (!fits(atZero + perDay * day)) return day;
    return null;
  };
  if (!fits(trend.atDayZero + trend.perDay * today)) return { code: 'alreadyOut', trend };
  const { least, most } = trend.interval;
  const ends = [leavesAt(least), leavesAt(most)];
  const there = ends.filter((day) => day !== null);
  if (there.length === 0) return { code: 'stays', untilDay: until, trend };
  const earlyDay = Math.min(...there);
  const lateDay = there.length === 2 ? Math.max(...there) : null;
  return { code: 'leaves', day: leavesAt(trend.perDay) ?? until, earlyDay, lateDay, trend };
}
