import { fromMm, toMm } from '@fulcra/core';
import { personUnit } from './person-unit';

/** Decimals that tell a tenth of a millimetre, so that what isn't touched stays as it was. */
const DECIMALS = { mm: 1, cm: 2, in: 3 } as const;

/** A length as this person types it; nothing for none. */
export function typedLength(mm: number | null): string {
  const unit = personUnit.now();
  return mm === null ? '' : String(Number(fromMm(mm, unit).toFixed(DECIMALS[unit])));
}

/** A number as it was typed, a comma for a point. @returns null where nothing is typed, NaN where it can't be read */
export const readNumber = (text: string): number | null => (text.trim() === '' ? null : Number(text.trim().replace(',', '.')));

/**
 * A length typed in this person's unit, mm to a tenth; a comma stands for a point.
 * @returns null where nothing is typed, NaN where it can't be read
 */
export function readLength(text: string): number | null {
  const typed = readNumber(text.replace('−', '-'));
  return typed === null ? null : Math.round(10 * toMm(typed, personUnit.now())) / 10;
}

/** What is typed in another unit is another draft, so that a number never changes its meaning. */
export const draftInUnit = (name: string): string => (personUnit.now() === 'mm' ? name : `${name}-${personUnit.now()}`);
