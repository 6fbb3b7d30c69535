import { HORSES_PHRASES } from '../words/horses-phrases';
import { type HorseFields as Read } from '@fulcra/contract';
import { SEXES } from '@fulcra/core';
import { type UseFormReturn, useController, useWatch } from 'react-hook-form';
import { XStack, YStack } from 'tamagui';
import { Choice } from '../ui/choice';
import { FormField } from '../ui/form-field';
import { SEX_WORDS } from '../words/intake-words';
import { type HorseForm } from './horse-form-model';

const UNITS = [
  { value: 'hh', label: HORSES_PHRASES.hands },
  { value: 'cm', label: HORSES_PHRASES.cm },
] as const;

/** Only what is needed now. */
export function HorseFields({ form: { control } }: { readonly form: UseFormReturn<HorseForm, unknown, Read> }) {
  const sex = useController({ control, name: 'sex' }).field;
  const unit = useController({ control, name: 'heightUnit' }).field;
  const heightUnit = useWatch({ control, name: 'heightUnit' });
  return (
    <YStack gap="$l">
      <FormField control={control} name="name" label={HORSES_PHRASES.name} autoFocus />
      <FormField control={control} name="kind" label={HORSES_PHRASES.typeOrBreed} hint={HORSES_PHRASES.cobPonyHeavy} />
      <XStack gap="$l" flexWrap="wrap">
        <YStack flex={1} minWidth={130}>
          <FormField control={control} name="age" label={HORSES_PHRASES.ageYears} kind="number" />
        </YStack>
        <YStack flex={1} minWidth={170}>
          <FormField control={control} name="height" label={HORSES_PHRASES.height(heightUnit === 'hh' ? 'hands' : 'cm')} kind="number" />
          <Choice label={HORSES_PHRASES.unitOfHeight} value={heightUnit} options={UNITS} onChange={unit.onChange} />
        </YStack>
      </XStack>
      <Choice
        label={HORSES_PHRASES.sex}
        value={sex.value}
        options={SEXES.map((value) => ({ value, label: SEX_WORDS[value] }))}
        onChange={sex.onChange}
      />
      <FormField control={control} name="note" label={HORSES_PHRASES.note} lines={3} />
    </YStack>
  );
}
