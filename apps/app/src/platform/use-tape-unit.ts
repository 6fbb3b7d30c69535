import { type LengthUnit, LENGTH_UNITS } from '@fulcra/core';
import { z } from 'zod';
import { type DraftSpec } from './draft';
import { useDraft } from './use-draft';

const TAPE_UNIT: DraftSpec<LengthUnit> = { version: 1, schema: z.enum(LENGTH_UNITS as [LengthUnit, ...LengthUnit[]]) };

/**
 * The unit that this person's tape shows: one for every pad on this device, whatever is measured.
 * @param otherwise what the trade uses here, while nobody has chosen
 */
export const useTapeUnit = (otherwise: LengthUnit = 'mm'): readonly [LengthUnit, (unit: LengthUnit) => void] => {
  const [unit, setUnit] = useDraft('tape-unit', TAPE_UNIT, otherwise);
  return [unit, setUnit];
};
