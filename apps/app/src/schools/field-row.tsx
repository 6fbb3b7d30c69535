import { type ChoiceField, type LimitField, type NumberField, type SchoolChange, type SchoolField, NO_LIMIT } from '@fulcra/core';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Body, Small, Strong } from '../ui/text';
import { choiceWords, fieldName } from '../words/school-field-words';
import { SCHOOLS_PHRASES, unitWords } from '../words/schools-phrases';

export interface FieldRowProps<F extends SchoolField = SchoolField> {
  /** As the original has it. */
  readonly field: F;
  readonly value: F['value'];
  readonly onSet: ((path: string, value: SchoolChange['value']) => void) | null;
}

/** One number or choice with what it was; changed in place, and put back by one tap. */
export function FieldRow({ field, value, onSet }: FieldRowProps) {
  if (onSet === null)
    return (
      <XStack borderTopWidth={1} borderColor="$rule" paddingVertical="$xs" gap="$m">
        <Body flex={1}>{fieldName(field.path)}</Body>
        <Strong flexShrink={1} textAlign="right">
          {valueWords(field, value)}
        </Strong>
      </XStack>
    );
  if (field.kind === 'limit') return <LimitRow field={field} value={value as LimitField['value']} onSet={onSet} />;
  return field.kind === 'choice' ? (
    <ChoiceRow field={field} value={String(value)} onSet={onSet} />
  ) : (
    <NumberRow field={field} value={Number(value)} onSet={onSet} />
  );
}

function valueWords(field: SchoolField, value: SchoolField['value']): string {
  if (field.kind === 'choice') return choiceWords(field.path, String(value));
  return value === NO_LIMIT ? SCHOOLS_PHRASES.noLimit : `${shortNumber(Number(value))}${unitWords(field.unit)}`;
}

function NumberRow({ field, value, onSet }: FieldRowProps<NumberField>) {
  return (
    <XStack borderTopWidth={1} borderColor="$rule" paddingVertical="$xs" gap="$m" alignItems="center">
      <YStack flex={1} minWidth={0}>
        <Named field={field} value={value} onSet={onSet} rest={SCHOOLS_PHRASES.range(field.least, field.most, unitWords(field.unit))} />
      </YStack>
      <YStack width={116}>
        <Typed key={String(value)} label={fieldName(field.path)} value={value} onSet={(next) => onSet!(field.path, next)} />
      </YStack>
    </XStack>
  );
}

/** A limit that may be there or not: set with what another school has, typed over, and taken away again. */
function LimitRow({ field, value, onSet }: FieldRowProps<LimitField>) {
  const name = fieldName(field.path);
  if (value !== NO_LIMIT)
    return (
      <YStack>
        <NumberRow field={{ ...field, kind: 'number' } as NumberField} value={value} onSet={onSet} />
        {/* where the original has none, going back to it takes it away */}
        {field.value === NO_LIMIT ? null : (
          <XStack>
            <Button kind="quiet" tight label={SCHOOLS_PHRASES.takeAway(name)} onPress={() => onSet!(field.path, NO_LIMIT)}>
              <Small color="$action">{SCHOOLS_PHRASES.takeLimitAway}</Small>
            </Button>
          </XStack>
        )}
      </YStack>
    );
  return (
    <XStack borderTopWidth={1} borderColor="$rule" paddingVertical="$xs" gap="$m" alignItems="center">
      <YStack flex={1} minWidth={0}>
        <Named field={field} value={value} onSet={onSet} rest={SCHOOLS_PHRASES.noLimit} />
      </YStack>
      <Button low label={SCHOOLS_PHRASES.setLimitOf(name)} onPress={() => onSet!(field.path, field.suggested)}>
        <Body>{SCHOOLS_PHRASES.setLimit}</Body>
      </Button>
    </XStack>
  );
}

function ChoiceRow({ field, value, onSet }: FieldRowProps<ChoiceField>) {
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingVertical="$xs">
      <Named field={field} value={value} onSet={onSet} rest="" />
      <XStack role="group" aria-label={fieldName(field.path)} flexWrap="wrap" gap="$s">
        {field.options.map((option) => (
          <Button
            key={option}
            low
            kind={option === value ? 'main' : 'second'}
            pressed={option === value}
            label={`${fieldName(field.path)}: ${choiceWords(field.path, option)}`}
            onPress={() => onSet!(field.path, option)}
          >
            <Body color={option === value ? '$onAction' : '$ink'}>{choiceWords(field.path, option)}</Body>
          </Button>
        ))}
      </XStack>
    </YStack>
  );
}

/** What it is called, and once it differs, what it was and the way back. */
function Named({ field, value, onSet, rest }: FieldRowProps & { readonly rest: string }) {
  const differs = value !== field.value;
  const was = differs ? SCHOOLS_PHRASES.was(valueWords(field, field.value)) : '';
  return (
    <>
      <Body fontWeight={differs ? '700' : '400'}>{fieldName(field.path)}</Body>
      {was === '' && rest === '' ? null : <Small>{[was, rest].filter((t) => t !== '').join('; ')}</Small>}
      {differs ? (
        <XStack>
          <Button
            kind="quiet"
            tight
            label={`${SCHOOLS_PHRASES.back}: ${fieldName(field.path)}`}
            onPress={() => onSet!(field.path, field.value)}
          >
            <Small color="$action" fontWeight="700">
              {SCHOOLS_PHRASES.back}
            </Small>
          </Button>
        </XStack>
      ) : null}
    </>
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
