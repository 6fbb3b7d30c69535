import { median } from '../geometry';
import { type IntakeField } from './complaints';

/** A fact of a horse as it was said on a day. */
export interface DatedFact {
  readonly field: IntakeField;
  readonly value: string | number;
  /** YYYY-MM-DD. */
  readonly on: string;
  /** Said again at this visit, as opposed to brought along from an earlier one. */
  readonly now: boolean;
}

export interface FieldHistory {
  readonly field: IntakeField;
  readonly latest: DatedFact;
  /** The last one that said something else. */
  readonly before: DatedFact | null;
  /** kg a month over all entries by the robust slope of Theil and Sen; null for words or fewer than two days. */
  readonly perMonth: number | null;
}

const DAYS_PER_MONTH = 30.4375;
const MS_PER_DAY = 86_400_000;

/** What is true of each field now, since when, and what was said before it. Facts in the order they were said. */
export function fieldHistories(facts: readonly DatedFact[]): FieldHistory[] {
  const fields = [...new Set(facts.map((f) => f.field))];
  return fields.map((field) => {
    const own = facts.filter((f) => f.field === field).sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
    const latest = own.at(-1)!;
    const before = own.filter((f) => f.value !== latest.value).at(-1) ?? null;
    return { field, latest, before, perMonth: monthlySlope(own) };
  });
}

/** Median of the slopes between all pairs of days. Source: Sen, J. Am. Stat. Assoc. 63 (1968). */
function monthlySlope(facts: readonly DatedFact[]): number | null {
  const points = facts.flatMap((f) => (typeof f.value === 'number' ? [{ day: Date.parse(f.on) / MS_PER_DAY, value: f.value }] : []));
  const slopes = points.flatMap((a, i) =>
    points.slice(i + 1).flatMap((b) => (b.day > a.day ? [(b.value - a.value) / (b.day - a.day)] : [])),
  );
  return slopes.length === 0 ? null : median(slopes) * DAYS_PER_MONTH;
}
