import { FEEL_PHRASES } from '../words/feel-phrases';
import { useState } from 'react';
import { z } from 'zod';
import { YStack } from 'tamagui';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { FormField } from '../ui/form-field';
import { useDraftForm } from '../platform/use-draft-form';
import { FORM_WORDS } from '../words/form-words';
import { Sheet } from '../ui/sheet';
import { Body, Small } from '../ui/text';
import { holdReasonWords } from '../words/feel-words';
import { type LoadedVisit } from '../visit';

const CLEARING_DRAFT = { version: 1, schema: z.object({ by: z.string(), reason: z.string() }) };
/** Shorter than this is no reason, letters. */
const LEAST_REASON = 3;
const clearingSchema = z.object({
  by: z.string().trim().min(1, FORM_WORDS.holdBy),
  reason: z.string().trim().min(LEAST_REASON, FORM_WORDS.holdReason),
});

/** What holds the visit, and the way a named person takes the responsibility of going on. */
export function HoldPanel({ loaded: { page, measured, note } }: { readonly loaded: LoadedVisit }) {
  const { hold } = measured;
  const [open, setOpen] = useState(false);
  const { form, forget } = useDraftForm(`hold-${page.visit.id}`, CLEARING_DRAFT, { by: '', reason: '' }, clearingSchema);
  if (hold.state === 'clear') return null;
  const clear = form.handleSubmit(async ({ by, reason }) => {
    const clears = [...new Set(hold.reasons.map((r) => r.feelingId))];
    if (!(await note({ kind: 'holdCleared', by, reason, clears }))) return;
    forget();
    setOpen(false);
  });
  return (
    <YStack gap="$s">
      {hold.state === 'held' ? (
        <Banner tone="bad">
          <Body>{FEEL_PHRASES.fittingIsHeld(hold.reasons.map(holdReasonWords).join('; '))}</Body>
          <Button label={FEEL_PHRASES.aNamedPerson} onPress={() => setOpen(true)} />
        </Banner>
      ) : null}
      {hold.clearances.map((c, i) => (
        <Banner key={i} tone="lookOut">
          {FEEL_PHRASES.clearedByWhat(c.by, c.reason)}
        </Banner>
      ))}
      <Sheet title={FEEL_PHRASES.clearTheHold} open={open} onClose={() => setOpen(false)}>
        <Small>{FEEL_PHRASES.bothStayOn}</Small>
        <FormField control={form.control} name="by" label={FEEL_PHRASES.whoClearsIt} />
        <FormField control={form.control} name="reason" label={FEEL_PHRASES.reason} lines={3} />
        <Button kind="main" label={FEEL_PHRASES.clearTheHold} onPress={() => void clear()} />
      </Sheet>
    </YStack>
  );
}
