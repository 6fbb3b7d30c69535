import { INTAKE_PHRASES } from '../words/intake-phrases';
import { INTAKE_FIELDS, INTAKE_FIELD_IDS, type FieldHistory, type IntakeField, fieldHistories } from '@fulcra/core';
import { useMemo } from 'react';
import { XStack, YStack } from 'tamagui';
import { Injuries } from './injuries';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Stepper } from '../ui/stepper';
import { Heading, Small, Strong } from '../ui/text';
import { FIELD_WORDS, trendWords, valueWords } from '../words/intake-words';
import { dayWords } from '../words/measure-words';
import { type LoadedVisit, datedFactsOf } from '../visit';

/** Facts that change, with what was true last time offered again and changes marked with their dates. */
export function HorseFacts({ loaded: { page, note } }: { readonly loaded: LoadedVisit }) {
  const { earlier, facts, visit } = page;
  const histories = useMemo(() => fieldHistories(datedFactsOf({ earlier, facts, visit })), [earlier, facts, visit]);
  const unsaid = histories.filter((h) => !h.latest.now);
  const say = (field: IntakeField, value: string | number) => note({ kind: 'intake', field, value });
  const allStill = async () => {
    for (const { field, latest } of unsaid) await say(field, latest.value);
  };
  return (
    <YStack gap="$s">
      <Heading>{INTAKE_PHRASES.theHorseToday}</Heading>
      {unsaid.length > 0 ? <Button label={INTAKE_PHRASES.allStillSo(unsaid.length)} onPress={() => void allStill()} /> : null}
      {INTAKE_FIELD_IDS.map((field) => (
        <FieldRow
          key={field}
          visitId={visit.id}
          field={field}
          history={histories.find((h) => h.field === field) ?? null}
          onSay={(value) => void say(field, value)}
        />
      ))}
    </YStack>
  );
}

interface FieldRowProps {
  readonly visitId: string;
  readonly field: IntakeField;
  readonly history: FieldHistory | null;
  readonly onSay: (value: string | number) => void;
}

function FieldRow({ visitId, field, history, onSay }: FieldRowProps) {
  const rule = INTAKE_FIELDS[field];
  const value = history?.latest.value ?? null;
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingTop="$xs">
      <XStack justifyContent="space-between" alignItems="center" gap="$m">
        <Strong flexShrink={0}>{FIELD_WORDS[field]}</Strong>
        <Small flexShrink={1} textAlign="right">
          {historyWords(history)}
        </Small>
      </XStack>
      {rule.kind === 'number' ? (
        <XStack>
          <Stepper
            label={INTAKE_PHRASES.kg(FIELD_WORDS[field])}
            shown={INTAKE_PHRASES.kg2}
            unit="kg"
            step={5}
            decimals={0}
            value={typeof value === 'number' ? value : null}
            onChange={(kg) => onSay(Math.min(rule.most, Math.max(rule.least, kg)))}
          />
        </XStack>
      ) : rule.kind === 'choice' ? (
        <Choice
          label={FIELD_WORDS[field]}
          value={typeof value === 'string' ? value : ''}
          options={rule.options.map((o) => ({ value: o, label: o }))}
          onChange={onSay}
        />
      ) : (
        <Injuries visitId={visitId} value={typeof value === 'string' ? value : ''} onSay={onSay} />
      )}
    </YStack>
  );
}

function historyWords(history: FieldHistory | null): string {
  if (history === null) return '';
  const { latest, before, field, perMonth } = history;
  const was = before === null ? '' : INTAKE_PHRASES.wasOn(valueWords(field, before.value), dayWords(before.on));
  const trend = trendWords(perMonth);
  return `${latest.now ? INTAKE_PHRASES.saidToday : INTAKE_PHRASES.from(dayWords(latest.on))}${was}${trend === '' ? '' : `; ${trend}`}`;
}
