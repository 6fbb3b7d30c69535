import { type SchoolField } from '@fulcra/core';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Body, Small, Strong } from '../ui/text';
import { fieldName } from '../words/school-field-words';
import { SCHOOLS_PHRASES, unitWords } from '../words/schools-phrases';

export interface FieldRowProps {
  /** As the original has it. */
  readonly field: SchoolField;
  readonly value: number;
  readonly onSet: ((path: string, value: number) => void) | null;
}

/** One number with its unit and what it was; typed over, and put back by one tap. */
export function FieldRow({ field, value, onSet }: FieldRowProps) {
  const differs = value !== field.value;
  const unit = unitWords(field.unit);
  if (onSet === null)
    return (
      <XStack borderTopWidth={1} borderColor="$rule" paddingVertical="$xs" gap="$m">
        <Body flex={1}>{fieldName(field.path)}</Body>
        <Strong>{`${shortNumber(value)}${unit}`}</Strong>
      </XStack>
    );
  return (
    <XStack borderTopWidth={1} borderColor="$rule" paddingVertical="$xs" gap="$m" alignItems="center">
      <YStack flex={1} minWidth={0}>
        <Body fontWeight={differs ? '700' : '400'}>{fieldName(field.path)}</Body>
        <Small>
          {differs ? `${SCHOOLS_PHRASES.was(`${shortNumber(field.value)}${unit}`)}; ` : ''}
          {SCHOOLS_PHRASES.range(field.least, field.most, unit)}
        </Small>
        {differs ? (
          <XStack>
            <Button
              kind="quiet"
              tight
              label={`${SCHOOLS_PHRASES.back}: ${fieldName(field.path)}`}
              onPress={() => onSet(field.path, field.value)}
            >
              <Small color="$action" fontWeight="700">
                {SCHOOLS_PHRASES.back}
              </Small>
            </Button>
          </XStack>
        ) : null}
      </YStack>
      <YStack width={116}>
        <Typed key={String(value)} label={fieldName(field.path)} value={value} onSet={(next) => onSet(field.path, next)} />
      </YStack>
    </XStack>
  );
}

/** To a hundredth: fingers are no whole millimetres. */
const shortNumber = (value: number): string => String(Math.round(value * 100) / 100);

/** What is typed counts once it is a number; what isn't one yet stays to be finished. */
function Typed({ label, value, onSet }: { readonly label: string; readonly value: number; readonly onSet: (value: number) => void }) {
  const [text, setText] = useState(shortNumber(value));
  const take = (): void => {
    const next = Number(text.trim().replace(',', '.').replace('−', '-'));
    if (text.trim() !== '' && Number.isFinite(next) && text !== shortNumber(value)) onSet(next);
    else setText(shortNumber(value));
  };
  return <Field hideLabel label={label} kind="number" value={text} onChange={setText} onSubmit={take} onLeave={take} />;
}
