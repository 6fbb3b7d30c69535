import { type LengthUnit, fromMm } from '@fulcra/core';

/** Decimals that a tape shows in each unit, where whole millimetres are read. */
export const UNIT_DECIMALS: Readonly<Record<LengthUnit, number>> = { mm: 0, cm: 1, in: 2 };

const listeners = new Set<() => void>();
let unit: LengthUnit = 'mm';

/** The unit this person reads lengths in: every sentence, drawing and pad of the screens. Papers for a workshop are in millimetres. */
export const personUnit = {
  now: (): LengthUnit => unit,
  set: (next: LengthUnit): void => {
    if (next === unit) return;
    unit = next;
    listeners.forEach((tell) => tell());
  },
  onChange: (tell: () => void): (() => void) => {
    listeners.add(tell);
    return () => listeners.delete(tell);
  },
};

const TYPED_WITHIN = 1e-6;

/** A length in a unit as its tape shows it; one place finer where it was plainly typed so. */
export function tapeNumber(mm: number, of: LengthUnit): number {
  const value = fromMm(mm, of);
  const finer = Number(value.toFixed(UNIT_DECIMALS[of] + 1));
  return Math.abs(finer - value) < TYPED_WITHIN ? finer : Number(onTape(mm, of));
}

/** A length in a unit, to as many decimals as a tape shows in it. */
export const onTape = (mm: number, of: LengthUnit): string => fromMm(mm, of).toFixed(UNIT_DECIMALS[of]);

/**
 * A length's number in this person's unit, without it: 35.6 -> "35.6", "3.56", "1.402".
 * @param mm a number, or one already rounded for the sentence, whose decimals count
 */
export function lengthNumber(mm: number | string): string {
  const value = Number(String(mm).replace('−', '-'));
  if (unit === 'mm' || String(mm) === '' || !Number.isFinite(value)) return String(mm);
  const decimals = Math.min(2, String(mm).split('.')[1]?.length ?? 0) + UNIT_DECIMALS[unit];
  const text = fromMm(Math.abs(value), unit).toFixed(decimals);
  return value < 0 ? `−${text}` : String(mm).startsWith('+') ? `+${text}` : text;
}

/** A length in this person's unit: "36 mm", "3.6 cm", "1.42 in". */
export const lengthWords = (mm: number | string): string => `${lengthNumber(mm)} ${unit}`;

/** The units to choose from, by name. */
export const UNIT_CHOICES = [
  { value: 'mm', label: 'mm' },
  { value: 'cm', label: 'cm' },
  { value: 'in', label: 'inches' },
] as const;
