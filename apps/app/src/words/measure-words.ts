import { lengthWords } from './person-unit';
import { MM_PER_HAND, fingersFromMm, fromMm, handsFromMm } from '@fulcra/core';
import { format, formatDistanceStrict, getYear, parseISO } from 'date-fns';
import { enGB } from 'date-fns/locale/en-GB';

const HALVES: Readonly<Record<string, string>> = { '0.5': '½' };

/** 2.5 -> "2½ fingers". @param fingerMm width of this practice's finger */
export function fingersWords(mm: number, fingerMm: number): string {
  const count = fingersFromMm(mm, fingerMm);
  const whole = Math.floor(count);
  const half = HALVES[String(count - whole)] ?? '';
  if (count === 0) return 'no finger';
  return `${whole > 0 || half === '' ? whole : ''}${half} ${count <= 1 ? 'finger' : 'fingers'}`;
}

export const mmWords = (mm: number): string => lengthWords(Math.round(mm));
/** Length in both unit systems: 742 mm (29.2 in). */
export const bothUnitsWords = (mm: number): string => `${Math.round(mm)} mm (${fromMm(mm, 'in').toFixed(1)} in)`;
/** A person's height: 1.40 m (55 in). */
export const metresWords = (mm: number): string => `${(mm / 1000).toFixed(2)} m (${fromMm(mm, 'in').toFixed(0)} in)`;
/** "one place", "3 places". */
export const countWords = (count: number, one: string, many = `${one}s`): string =>
  `${count === 1 ? 'one' : count} ${count === 1 ? one : many}`;
export const degWords = (deg: number): string => `${Math.round(deg)}°`;

export const heightWords = (mm: number): string => (mm < MM_PER_HAND ? mmWords(mm) : `${handsFromMm(mm)} hh (${Math.round(mm / 10)} cm)`);

export function ageWords(bornYear: number | null, now: Date): string | null {
  if (bornYear === null) return null;
  const age = getYear(now) - bornYear;
  return age < 1 ? 'foal' : `${age} y`;
}

/** A day of the yard's calendar, whatever zone this device is in: 18 Sept 2026. */
export const dayWords = (day: string): string => format(parseISO(day), 'd MMM yyyy', { locale: enGB });

/** A moment by this device's clock: 27 Nov, 05:28. */
export const momentWords = (ms: number): string => format(ms, 'd MMM, HH:mm', { locale: enGB });

/** How many bytes, as people count them: 0.4 MB. */
export const megabytesWords = (bytes: number): string => `${(bytes / 1e6).toFixed(1)} MB`;

/** How much something changed, its sign always written: +1.2, −0.5, +0.0. */
export const changeWords = (value: number, decimals: number): string => `${value >= 0 ? '+' : '−'}${Math.abs(value).toFixed(decimals)}`;

/** 1st, 2nd, 3rd, 11th, 22nd. */
export function ordinalWords(n: number): string {
  const tens = Math.abs(n) % 100;
  const ending = tens >= 11 && tens <= 13 ? 'th' : (['th', 'st', 'nd', 'rd'][Math.abs(n) % 10] ?? 'th');
  return `${n}${ending}`;
}

/** How long a span is, in its one unit that counts: "3 days". */
export const spanWords = (spanMs: number): string => formatDistanceStrict(0, Math.abs(spanMs), { locale: enGB });
