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
          <Body>
            Fitting is held: {hold.reasons.map(holdReasonWords).join('; ')}. Stop here and suggest a veterinary surgeon, or a qualified
            physiotherapist, first. Measuring without touching that place may go on; this visit can’t end as good to ride.
          </Body>
          <Button label="A named person clears it" onPress={() => setOpen(true)} />
        </Banner>
      ) : null}
      {hold.clearances.map((c, i) => (
        <Banner key={i} tone="lookOut">
          {`Cleared by ${c.by}: ${c.reason} What was found stays on record.`}
        </Banner>
      ))}
      <Sheet title="Clear the hold" open={open} onClose={() => setOpen(false)}>
        <Small>Both stay on record: what was found, and who let the fitting go on, and why.</Small>
        <FormField control={form.control} name="by" label="Who clears it, name and standing" />
        <FormField control={form.control} name="reason" label="Reason" lines={3} />
        <Button kind="main" label="Clear the hold" onPress={() => void clear()} />
      </Sheet>
    </YStack>
  );
}
