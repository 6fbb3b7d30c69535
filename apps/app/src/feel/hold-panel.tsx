import { useDraft } from '../platform/use-draft';
import { TEXT_DRAFT } from '../platform/draft';
import { useState } from 'react';
import { YStack } from 'tamagui';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Sheet } from '../ui/sheet';
import { Body, Small } from '../ui/text';
import { holdReasonWords } from '../words/feel-words';
import { type LoadedVisit } from '../visit';

/** What holds the visit, and the way a named person takes the responsibility of going on. */
export function HoldPanel({ loaded: { page, measured, note } }: { readonly loaded: LoadedVisit }) {
  const { hold } = measured;
  const [open, setOpen] = useState(false);
  const [by, setBy, forgetBy] = useDraft(`hold-by-${page.visit.id}`, TEXT_DRAFT, '');
  const [reason, setReason, forgetReason] = useDraft(`hold-reason-${page.visit.id}`, TEXT_DRAFT, '');
  const [asked, setAsked] = useState(false);
  if (hold.state === 'clear') return null;
  const clear = async () => {
    setAsked(true);
    if (by.trim() === '' || reason.trim().length < 3) return;
    const clears = [...new Set(hold.reasons.map((r) => r.feelingId))];
    if (!(await note({ kind: 'holdCleared', by: by.trim(), reason: reason.trim(), clears }))) return;
    forgetBy();
    forgetReason();
    setOpen(false);
  };
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
        <Field
          label="Who clears it, name and standing"
          value={by}
          onChange={setBy}
          problem={asked && by.trim() === '' ? 'A hold is cleared by a person with a name.' : null}
        />
        <Field
          label="Reason"
          lines={3}
          value={reason}
          onChange={setReason}
          problem={asked && reason.trim().length < 3 ? 'Say why it may go on.' : null}
        />
        <Button kind="main" label="Clear the hold" onPress={() => void clear()} />
      </Sheet>
    </YStack>
  );
}
