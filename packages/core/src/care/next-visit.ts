import { dayNumber, dayOfNumber } from '../change/trend';
import { type Leaves } from '../change/leaves-tolerance';
import {
  AT_ONCE,
  type IntervalReason,
  SOONEST_DAYS,
  VISIT_INTERVAL_DAYS,
  VISIT_REASONS,
  type VisitIntervals,
  type VisitReason,
} from './intervals';

export interface NextVisitQuestion {
  /** Day of the last visit, YYYY-MM-DD. */
  readonly lastVisitOn: string;
  /** What is true of the horse since then. */
  readonly reasons: ReadonlySet<VisitReason>;
  readonly forecast: Leaves | null;
  /** As the practice has them. */
  readonly intervals?: VisitIntervals | undefined;
}

export interface NextVisit {
  /** YYYY-MM-DD; a day that has passed is overdue. */
  readonly on: string;
  readonly reason: VisitReason;
  /** Not a date to wait for. */
  readonly atOnce: boolean;
  /** Everything else that would bring the horse back, with its day, the earliest first. */
  readonly others: readonly { readonly reason: VisitReason; readonly on: string }[];
}

/**
 * When a horse is due and why: the earliest of what the rules and the forecast's early end say, never within 14 days of the last visit but
 * for pain, unsafe tack or a fall.
 */
export function nextVisit({ lastVisitOn, reasons, forecast, intervals = VISIT_INTERVAL_DAYS }: NextVisitQuestion): NextVisit {
  const last = dayNumber(lastVisitOn);
  const soonest = (day: number): number => Math.max(last + SOONEST_DAYS, day);
  const due = VISIT_REASONS.flatMap((reason): { reason: VisitReason; day: number }[] => {
    if (reason === 'treeForecast') {
      const day = forecastDay(forecast, last);
      return day === null ? [] : [{ reason, day: soonest(day) }];
    }
    if (reason !== 'settledAdult' && !reasons.has(reason)) return [];
    if (AT_ONCE.includes(reason)) return [{ reason, day: last }];
    return [{ reason, day: soonest(last + intervals[reason as IntervalReason]) }];
  }).sort((a, b) => a.day - b.day);
  const [first, ...rest] = due as [(typeof due)[number], ...typeof due];
  return {
    on: dayOfNumber(first.day),
    reason: first.reason,
    atOnce: AT_ONCE.includes(first.reason),
    others: rest.map(({ reason, day }) => ({ reason, on: dayOfNumber(day) })),
  };
}

/** The early end of the interval, because a visit that comes too late is the dearer mistake. */
function forecastDay(forecast: Leaves | null, last: number): number | null {
  if (forecast === null) return null;
  return forecast.code === 'leaves' ? forecast.earlyDay : forecast.code === 'alreadyOut' ? last : null;
}
