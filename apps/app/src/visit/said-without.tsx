import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Sheet } from '../ui/sheet';
import { Body } from '../ui/text';
import { VISIT_PHRASES } from '../words/visit-phrases';
import { type LoadedVisit } from './use-visit-page';

/** Shortest reason that says something. */
const LEAST_REASON = 3;

/** A named person says why a horse may be ridden though nothing was measured, felt or decided at the visit. */
export function SaidWithout({ note }: Pick<LoadedVisit, 'note'>) {
  const [open, setOpen] = useState(false);
  const [by, setBy] = useState('');
  const [reason, setReason] = useState('');
  const ready = by.trim() !== '' && reason.trim().length >= LEAST_REASON;
  const save = async (): Promise<void> => {
    const said = { kind: 'saidWithout' as const, by: by.trim(), reason: reason.trim() };
    if (ready && (await note(said, VISIT_PHRASES.saidWithout)) !== null) setOpen(false);
  };
  return (
    <>
      <XStack>
        <Button label={VISIT_PHRASES.sayWithout} onPress={() => setOpen(true)} />
      </XStack>
      <Sheet title={VISIT_PHRASES.sayWithout} open={open} onClose={() => setOpen(false)}>
        <YStack gap="$m">
          <Body>{VISIT_PHRASES.sayWithoutMeans}</Body>
          <Field label={VISIT_PHRASES.whoSays} value={by} onChange={setBy} />
          <Field label={VISIT_PHRASES.whyStands} lines={3} value={reason} onChange={setReason} />
          <Button kind="main" off={!ready} label={VISIT_PHRASES.sayWithout} onPress={() => void save()} />
        </YStack>
      </Sheet>
    </>
  );
}
