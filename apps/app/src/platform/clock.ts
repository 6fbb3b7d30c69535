import { formatISO, minutesToMilliseconds } from 'date-fns';

/** A difference smaller than this is the way of the message, not of the clock. */
const FINE_MS = minutesToMilliseconds(2);
const KEY = 'fulcra-clock-offset';

let offsetMs = Number(localStorage.getItem(KEY) ?? 0) || 0;
const listeners = new Set<() => void>();

/** The server's time, as well as it is known: a phone whose clock is wrong by a year still dates its entries right. */
export const clock = {
  now: (): Date => new Date(Date.now() + offsetMs),
  /** How far this device's clock is behind (+) or ahead (-), ms; 0 when it is right. */
  offsetMs: (): number => offsetMs,
  subscribe(listen: () => void): () => void {
    listeners.add(listen);
    return () => listeners.delete(listen);
  },
  /** Every answer of the server carries its time. */
  heard(dateHeader: string | null): void {
    const server = dateHeader === null ? Number.NaN : Date.parse(dateHeader);
    if (Number.isNaN(server)) return;
    const difference = server - Date.now();
    const next = Math.abs(difference) < FINE_MS ? 0 : difference;
    if (Math.abs(next - offsetMs) < FINE_MS) return;
    offsetMs = next;
    localStorage.setItem(KEY, String(next));
    listeners.forEach((listen) => listen());
  },
};

export const momentNow = (): string => clock.now().toISOString();
/** The day in the yard, as the person there would write it. */
export const dayNow = (): string => formatISO(clock.now(), { representation: 'date' });
