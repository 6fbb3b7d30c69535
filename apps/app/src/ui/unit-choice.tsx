import { type LengthUnit } from '@fulcra/core';
import { XStack } from 'tamagui';
import { UNIT_CHOICES } from '../words/person-unit';
import { UI_PHRASES } from '../words/ui-phrases';
import { Choice } from './choice';
import { Small } from './text';

export interface UnitChoiceProps {
  readonly unit: LengthUnit;
  readonly onChange: (unit: LengthUnit) => void;
}

/** The unit this person reads lengths in. */
export const UnitChoice = ({ unit, onChange }: UnitChoiceProps) => (
  <XStack alignItems="center" gap="$s">
    <Small>{UI_PHRASES.lengthsIn}</Small>
    <Choice label={UI_PHRASES.lengthsIn} value={unit} options={UNIT_CHOICES} onChange={onChange} />
  </XStack>
);
