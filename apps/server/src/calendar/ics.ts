import { type Appointment } from '@fulcra/contract';
import { TZDate } from '@date-fns/tz';
import ical, { ICalCalendarMethod, ICalEventStatus } from 'ical-generator';

/** An appointment with the names a calendar shows. */
export interface NamedAppointment extends Appointment {
  readonly horseName: string;
  readonly place: string;
  /** How often it was changed. */
  readonly revision: number;
}

/** The moment a civil day and time are in a zone. A time that the clock skips is taken the hour later, as clocks do. */
export function momentIn(timeZone: string, on: string, at: string): Date {
  const [year, month, day] = on.split('-').map(Number) as [number, number, number];
  const [hour, minute] = at.split(':').map(Number) as [number, number];
  return new Date(new TZDate(year, month - 1, day, hour, minute, timeZone).getTime());
}

/** A calendar of visits as RFC 5545 has it; moments in UTC, so that no zone has to be described. */
export function calendarOf(name: string, appointments: readonly NamedAppointment[], timeZone: string, now: Date): string {
  const calendar = ical({ name, prodId: { company: 'Fulcra', product: 'calendar' }, method: ICalCalendarMethod.PUBLISH });
  for (const a of appointments) {
    const start = momentIn(timeZone, a.on, a.at);
    calendar.createEvent({
      id: `${a.id}@fulcra`,
      stamp: now,
      start,
      end: new Date(start.getTime() + a.minutes * 60_000),
      summary: a.horseName,
      sequence: a.revision,
      status: a.state === 'cancelled' ? ICalEventStatus.CANCELLED : ICalEventStatus.CONFIRMED,
      ...(a.place !== '' && { location: a.place }),
      ...(a.note !== '' && { description: a.note }),
    });
  }
  // RFC 5545: every line ends with CRLF, the last one too
  return `${calendar.toString().trimEnd()}\r\n`;
}
