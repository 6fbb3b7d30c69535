import { type PracticeSettingsFields, TACK_DAYS_LIMITS, VISIT_DAYS_LIMITS, isTimeZone } from '@fulcra/contract';
import { INTERVAL_REASONS, type IntervalReason } from '@fulcra/core';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Heading, Small } from '../ui/text';
import { Stepper } from '../ui/stepper';
import { INTERVAL_WORDS } from '../words/due-words';
import { PRACTICE_PHRASES } from '../words/practice-phrases';

const TACK_LOOKS = ['ownerLook', 'fitterWalk'] as const;

interface VisitDaysProps {
  readonly settings: PracticeSettingsFields;
  readonly put: (change: Partial<PracticeSettingsFields>) => void;
}

/** How long a practice waits until the next visit, by reason, and which clock its calendar shows. */
export function VisitDaysPart({ settings, put }: VisitDaysProps) {
  const { visitDays } = settings;
  const { least, most } = VISIT_DAYS_LIMITS;
  const change = (reason: IntervalReason, days: number): void => {
    if (days >= least && days <= most) put({ visitDays: { ...visitDays, [reason]: days } });
  };
  return (
    <YStack gap="$s">
      <Heading>{PRACTICE_PHRASES.visitDays}</Heading>
      <Small>{PRACTICE_PHRASES.visitDaysNote}</Small>
      {INTERVAL_REASONS.map((reason) => (
        <XStack key={reason}>
          <Stepper
            label={INTERVAL_WORDS[reason]}
            unit={PRACTICE_PHRASES.days}
            value={visitDays[reason]}
            step={7}
            decimals={0}
            onChange={(days) => change(reason, days)}
          />
        </XStack>
      ))}
      <Heading>{PRACTICE_PHRASES.tackDays}</Heading>
      <Small>{PRACTICE_PHRASES.tackDaysNote}</Small>
      {TACK_LOOKS.map((look) => (
        <XStack key={look}>
          <Stepper
            label={PRACTICE_PHRASES[look]}
            unit={PRACTICE_PHRASES.days}
            value={settings.tackDays[look]}
            step={7}
            decimals={0}
            onChange={(days) => {
              if (days >= TACK_DAYS_LIMITS.least && days <= TACK_DAYS_LIMITS.most)
                put({ tackDays: { ...settings.tackDays, [look]: days } });
            }}
          />
        </XStack>
      ))}
      <Zone key={settings.timeZone} zone={settings.timeZone} onZone={(timeZone) => put({ timeZone })} />
    </YStack>
  );
}

function Zone({ zone, onZone }: { readonly zone: string; readonly onZone: (zone: string) => void }) {
  const [typed, setTyped] = useState(zone);
  const known = isTimeZone(typed.trim());
  return (
    <YStack gap="$xs">
      <Field
        label={PRACTICE_PHRASES.zone}
        value={typed}
        onChange={setTyped}
        hint={PRACTICE_PHRASES.zoneHint}
        problem={known ? null : PRACTICE_PHRASES.zoneUnknown}
      />
      <Button label={PRACTICE_PHRASES.keepZone} off={!known || typed.trim() === zone} onPress={() => onZone(typed.trim())} />
    </YStack>
  );
}
