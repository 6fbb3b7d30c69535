import { CONFIDENCE_WANTED, slopeRanks } from './kendall';

/** One value on one civil day, counted in whole days from any day. */
export interface DayValue {
  readonly day: number;
  readonly value: number;
}

export interface Trend {
  /** Middle of the slopes between all pairs of dates, per day. */
  readonly perDay: number;
  /** Middle of value less slope times day. */
  readonly atDayZero: number;
  readonly dates: number;
  readonly firstDay: number;
  readonly lastDay: number;
  /** Slopes that bound it, per day, and how sure that is; null where there are too few dates for the confidence wanted. */
  readonly interval: { readonly least: number; readonly most: number; readonly level: number } | null;
}

/** Fewer dates carry no interval: three reach 0.67 (Kendall's exact distribution). */
export const LEAST_DATES_FOR_INTERVAL = 4;
export const DAYS_PER_MONTH = 30.4375;

/**
 * Theil's and Sen's line (Sen 1968) through what was measured over the visits; of one day the middle value counts once.
 * @returns null with fewer than two days
 */
export function trendOf(values: readonly DayValue[], wanted: number = CONFIDENCE_WANTED): Trend | null {
  const days = onePerDay(values);
  if (days.length < 2) return null;
  const slopes = days.flatMap((a, i) => days.slice(i + 1).map((b) => (b.value - a.value) / (b.day - a.day))).sort((a, b) => a - b);
  const perDay = median(slopes);
  const { leftOut, level } = slopeRanks(days.length, wanted);
  const sure = days.length >= LEAST_DATES_FOR_INTERVAL && level >= wanted;
  return {
    perDay,
    atDayZero: interceptOf(days, perDay),
    dates: days.length,
    firstDay: days[0]!.day,
    lastDay: days.at(-1)!.day,
    interval: sure ? { least: slopes[leftOut]!, most: slopes[slopes.length - 1 - leftOut]!, level } : null,
  };
}

/** What a slope's line says at day 0: the middle of value less slope times day. */
export const interceptOf = (values: readonly DayValue[], perDay: number): number => median(values.map((v) => v.value - perDay * v.day));

/** Days in order, each with the middle of what was measured on it. */
export function onePerDay(values: readonly DayValue[]): DayValue[] {
  const byDay = new Map<number, number[]>();
  for (const { day, value } of values) byDay.set(day, [...(byDay.get(day) ?? []), value]);
  return [...byDay].map(([day, of]) => ({ day, value: median(of) })).sort((a, b) => a.day - b.day);
}

function median(list: readonly number[]): number {
  const sorted = [...list].sort((a, b) => a - b);
  const middle = sorted.length / 2;
  return Number.isInteger(middle) ? (sorted[middle - 1]! + sorted[middle]!) / 2 : sorted[Math.floor(middle)]!;
}

const MS_PER_DAY = 86_400_000;

/** A civil day as a number: no clock, no zone, so that daylight saving and leap days change nothing. @param day as 2026-03-14 */
export const dayNumber = (day: string): number => Math.round(Date.parse(`${day}T00:00:00Z`) / MS_PER_DAY);
export const dayOfNumber = (number: number): string => new Date(number * MS_PER_DAY).toISOString().slice(0, 10);
