import { type Appointment, type HorseSummary, type Yard } from '@fulcra/contract';
import { dayRoute, lengthKm } from '@fulcra/core';

/** One visit of a day with where it is. */
export interface PlannedStop {
  readonly appointment: Appointment;
  readonly horseName: string;
  /** Null where none is noted, undefined while the horse itself isn't known here. */
  readonly yard: Yard | null | undefined;
}

export interface DayPlan {
  readonly on: string;
  /** By the hour they were agreed on. */
  readonly stops: readonly PlannedStop[];
  /** Yards in the order of the road, each once, with its way; null where there are fewer than two with a place. */
  readonly road: { readonly yards: readonly Yard[]; readonly km: number } | null;
}

interface Named {
  readonly horse: Pick<HorseSummary['horse'], 'id' | 'name' | 'yardId'>;
}

/** What is planned, day by day, with the order of the road through the day's yards. */
export function dayPlans(appointments: readonly Appointment[], horses: readonly Named[], yards: readonly Yard[]): DayPlan[] {
  const planned = appointments.filter((a) => a.state === 'planned');
  const days = [...new Set(planned.map((a) => a.on))].sort();
  return days.map((on) => {
    const stops = planned
      .filter((a) => a.on === on)
      .sort((a, b) => (a.at < b.at ? -1 : 1))
      .map((appointment) => {
        const horse = horses.find((h) => h.horse.id === appointment.horseId)?.horse;
        return { appointment, horseName: horse?.name ?? '…', yard: horse && (yards.find((y) => y.id === horse.yardId) ?? null) };
      });
    return { on, stops, road: roadOf(stops) };
  });
}

function roadOf(stops: readonly PlannedStop[]): DayPlan['road'] {
  const yards = [...new Map(stops.flatMap((s) => (!s.yard ? [] : [[s.yard.id, s.yard] as const]))).values()];
  const placed = yards.filter((y) => y.place !== null);
  if (placed.length < 2) return null;
  const order = dayRoute(yards.map((y) => y.place)).map((i) => yards[i]!);
  return {
    yards: order,
    km: lengthKm(
      order.flatMap((y) => (y.place === null ? [] : [y.place])),
      null,
    ),
  };
}

/** The next visit to a horse that is planned from a day on. */
export const plannedFor = (appointments: readonly Appointment[], horseId: string, from: string): Appointment | undefined =>
  appointments.filter((a) => a.horseId === horseId && a.state === 'planned' && a.on >= from).sort((a, b) => (a.on < b.on ? -1 : 1))[0];

type Timed = Pick<Appointment, 'on' | 'at' | 'minutes' | 'fitter'>;

const minuteOf = (at: string): number => {
  const [hour, minute] = at.split(':').map(Number) as [number, number];
  return 60 * hour + minute;
};

/** Whether one person would be at two visits at once: on one day, the one not over when the other begins. */
export function clashes(a: Timed, b: Timed): boolean {
  if (a.on !== b.on || a.fitter.trim() !== b.fitter.trim()) return false;
  const [from, other] = [minuteOf(a.at), minuteOf(b.at)];
  return from < other + b.minutes && other < from + a.minutes;
}

/** Stops of a day that the same person is to be at while one of them is under way. */
export const clashingWith = (stop: PlannedStop, stops: readonly PlannedStop[]): PlannedStop[] =>
  stops.filter((s) => s.appointment.id !== stop.appointment.id && clashes(s.appointment, stop.appointment));

/** Weeks of a month, Monday first; days of other months fill the corners. */
export function weeksOf(month: string): string[][] {
  const [year, number] = month.split('-').map(Number) as [number, number];
  const first = new Date(Date.UTC(year, number - 1, 1));
  const before = (first.getUTCDay() + 6) % 7;
  const days = new Date(Date.UTC(year, number, 0)).getUTCDate();
  const cells = Math.ceil((before + days) / 7) * 7;
  const dayAt = (i: number): string => new Date(Date.UTC(year, number - 1, 1 - before + i)).toISOString().slice(0, 10);
  return Array.from({ length: cells / 7 }, (_, week) => Array.from({ length: 7 }, (__, day) => dayAt(7 * week + day)));
}

/** The month so many months on, as YYYY-MM. */
export function monthAfter(month: string, by: number): string {
  const [year, number] = month.split('-').map(Number) as [number, number];
  return new Date(Date.UTC(year, number - 1 + by, 1)).toISOString().slice(0, 7);
}
