import { type LengthUnit, LENGTH_UNITS } from '@fulcra/core';
import { useSyncExternalStore } from 'react';
import { z } from 'zod';
import { personUnit } from '../words/person-unit';
import { type DraftSpec, readDraft, writtenDraft } from './draft';

const TAPE_UNIT: DraftSpec<LengthUnit> = { version: 1, schema: z.enum(LENGTH_UNITS as [LengthUnit, ...LengthUnit[]]) };
const KEY = 'draft:tape-unit';

const chosen = (): LengthUnit | null => {
  const read = readDraft(localStorage.getItem(KEY), TAPE_UNIT);
  return read.state === 'kept' ? read.value : null;
};

// Taken up before the first sentence is said.
personUnit.set(chosen() ?? 'mm');

/** What stands inside is said anew as soon as this person chooses another unit. */
export const usePersonUnit = (): LengthUnit => useSyncExternalStore(personUnit.onChange, personUnit.now);

const keep = (unit: LengthUnit): void => {
  localStorage.setItem(KEY, writtenDraft(unit, TAPE_UNIT));
  personUnit.set(unit);
};

/**
 * The unit that this person's tape shows: one for every pad, sentence and drawing on this device.
 * @param otherwise what the trade uses here, while nobody has chosen
 */
export const useTapeUnit = (otherwise: LengthUnit = 'mm'): readonly [LengthUnit, (unit: LengthUnit) => void] => {
  usePersonUnit();
  return [chosen() ?? otherwise, keep];
};
