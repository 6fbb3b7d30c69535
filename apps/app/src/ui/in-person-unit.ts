import { fromMm, toMm } from '@fulcra/core';
import { UNIT_DECIMALS, lengthNumber, personUnit } from '../words/person-unit';

export interface ShownNumber {
  readonly unit: string;
  /** As it stands on the screen. */
  readonly shown: string | null;
  /** As a pad begins with it. */
  readonly start: number | null;
  /** What was typed there, as it is kept. */
  readonly kept: (typed: number) => number;
}

/** A number for a stepper or a pad: lengths kept in mm are shown and typed in this person's unit, all else as it is. */
export function inPersonUnit(value: number | null, unit: string, decimals: number): ShownNumber {
  const theirs = personUnit.now();
  if (unit !== 'mm' || theirs === 'mm') return { unit, shown: value?.toFixed(decimals) ?? null, start: value, kept: (typed) => typed };
  return {
    unit: theirs,
    shown: value === null ? null : lengthNumber(value.toFixed(decimals)),
    start: value === null ? null : Number(fromMm(value, theirs).toFixed(decimals + UNIT_DECIMALS[theirs])),
    kept: (typed) => Math.round(toMm(typed, theirs) * 100) / 100,
  };
}
