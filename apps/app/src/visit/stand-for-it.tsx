import { type TriedOnVisit, CRITERIA, isRetired } from '@fulcra/core';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Sheet } from '../ui/sheet';
import { Body, Small } from '../ui/text';
import { criterionName } from '../words/criterion-words';
import { sitNumber } from '../words/sit-number';
import { VISIT_PHRASES } from '../words/visit-phrases';
import { type LoadedVisit } from './use-visit-page';

export interface StandForItProps {
  readonly tried: TriedOnVisit;
  readonly note: LoadedVisit['note'];
}

/** Shortest reason that says something. */
const LEAST_REASON = 3;

/** A named person stands for a setting that its school refuses; what was refused stays on record beside it. */
export function StandForIt({ tried, note }: StandForItProps) {
  const [open, setOpen] = useState(false);
  const [by, setBy] = useState('');
  const [reason, setReason] = useState('');
  const ready = by.trim() !== '' && reason.trim().length >= LEAST_REASON;
  const keep = async (): Promise<void> => {
    const said = { kind: 'refusalOverruled' as const, triedId: tried.id, by: by.trim(), reason: reason.trim() };
    if (ready && (await note(said, VISIT_PHRASES.stoodFor))) setOpen(false);
  };
  return (
    <>
      <XStack>
        <Button label={VISIT_PHRASES.standForIt} onPress={() => setOpen(true)} />
      </XStack>
      <Sheet title={VISIT_PHRASES.standForIt} open={open} onClose={() => setOpen(false)}>
        <YStack gap="$m">
          <Body>{VISIT_PHRASES.whatIsRefused(tried.saddleName, tried.widthLabel)}</Body>
          {tried.missed
            .filter((m) => m.stops)
            .map((m) => (
              <Body key={m.id}>
                {criterionName(m.id)}
                {m.value === null || isRetired(m.id) ? '' : `: ${sitNumber(m.id, CRITERIA[m.id].unit, m.value)}`}
              </Body>
            ))}
          <Field label={VISIT_PHRASES.whoStands} value={by} onChange={setBy} />
          <Field label={VISIT_PHRASES.whyStands} lines={3} value={reason} onChange={setReason} />
          <Small>{VISIT_PHRASES.staysOnRecord}</Small>
          <Button kind="main" off={!ready} label={VISIT_PHRASES.standForIt} onPress={() => void keep()} />
        </YStack>
      </Sheet>
    </>
  );
}
