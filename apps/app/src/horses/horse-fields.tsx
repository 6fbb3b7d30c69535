import { XStack, YStack } from 'tamagui';
import { SEXES } from '@fulcra/core';
import { Choice } from '../ui/choice';
import { Field } from '../ui/field';
import { SEX_WORDS } from '../words/intake-words';
import { type FormProblems, type HorseForm } from './horse-form-model';

const UNITS = [
  { value: 'hh', label: 'hands' },
  { value: 'cm', label: 'cm' },
] as const;

export interface HorseFieldsProps {
  readonly form: HorseForm;
  readonly problems: FormProblems;
  readonly onChange: (form: HorseForm) => void;
}

/** Only what is needed now. */
export function HorseFields({ form, problems, onChange }: HorseFieldsProps) {
  const set = (change: Partial<HorseForm>) => onChange({ ...form, ...change });
  return (
    <YStack gap="$l">
      <Field label="Name" value={form.name} onChange={(name) => set({ name })} problem={problems.name} autoFocus />
      <Field label="Type or breed" value={form.kind} onChange={(kind) => set({ kind })} hint="cob, pony, heavy cross, mule…" />
      <XStack gap="$l" flexWrap="wrap">
        <YStack flex={1} minWidth={130}>
          <Field label="Age, years" kind="number" value={form.age} onChange={(age) => set({ age })} problem={problems.age} />
        </YStack>
        <YStack flex={1} minWidth={170}>
          <Field
            label={`Height, ${form.heightUnit === 'hh' ? 'hands' : 'cm'}`}
            kind="number"
            value={form.height}
            onChange={(height) => set({ height })}
            problem={problems.height}
          />
          <Choice label="Unit of height" value={form.heightUnit} options={UNITS} onChange={(heightUnit) => set({ heightUnit })} />
        </YStack>
      </XStack>
      <Choice
        label="Sex"
        value={form.sex}
        options={SEXES.map((value) => ({ value, label: SEX_WORDS[value] }))}
        onChange={(sex) => set({ sex })}
      />
      <Field label="Note" lines={3} value={form.note} onChange={(note) => set({ note })} />
    </YStack>
  );
}
