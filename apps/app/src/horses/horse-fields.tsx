import { type HorseFields as Read } from '@fulcra/contract';
import { SEXES } from '@fulcra/core';
import { type UseFormReturn, useController, useWatch } from 'react-hook-form';
import { XStack, YStack } from 'tamagui';
import { Choice } from '../ui/choice';
import { FormField } from '../ui/form-field';
import { SEX_WORDS } from '../words/intake-words';
import { type HorseForm } from './horse-form-model';

const UNITS = [
  { value: 'hh', label: 'hands' },
  { value: 'cm', label: 'cm' },
] as const;

/** Only what is needed now. */
export function HorseFields({ form: { control } }: { readonly form: UseFormReturn<HorseForm, unknown, Read> }) {
  const sex = useController({ control, name: 'sex' }).field;
  const unit = useController({ control, name: 'heightUnit' }).field;
  const heightUnit = useWatch({ control, name: 'heightUnit' });
  return (
    <YStack gap="$l">
      <FormField control={control} name="name" label="Name" autoFocus />
      <FormField control={control} name="kind" label="Type or breed" hint="cob, pony, heavy cross, mule…" />
      <XStack gap="$l" flexWrap="wrap">
        <YStack flex={1} minWidth={130}>
          <FormField control={control} name="age" label="Age, years" kind="number" />
        </YStack>
        <YStack flex={1} minWidth={170}>
          <FormField control={control} name="height" label={`Height, ${heightUnit === 'hh' ? 'hands' : 'cm'}`} kind="number" />
          <Choice label="Unit of height" value={heightUnit} options={UNITS} onChange={unit.onChange} />
        </YStack>
      </XStack>
      <Choice label="Sex" value={sex.value} options={SEXES.map((value) => ({ value, label: SEX_WORDS[value] }))} onChange={sex.onChange} />
      <FormField control={control} name="note" label="Note" lines={3} />
    </YStack>
  );
}
