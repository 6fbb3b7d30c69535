import { type ReactNode, useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Sheet } from '../ui/sheet';
import { VISIT_PHRASES } from '../words/visit-phrases';

/** Shortest reason that says something. */
const LEAST_REASON = 3;

interface NamedReasonProps {
  /** On the button that opens it, over it, and on the one that says it. */
  readonly label: string;
  readonly who: string;
  /** What is answered for. */
  readonly children: ReactNode;
  readonly foot?: ReactNode;
  /** @returns whether it was kept */
  readonly onSay: (said: { readonly by: string; readonly reason: string }) => Promise<boolean>;
}

/** A named person answers for something, with a reason. */
export function NamedReason({ label, who, children, foot, onSay }: NamedReasonProps) {
  const [open, setOpen] = useState(false);
  const [by, setBy] = useState('');
  const [reason, setReason] = useState('');
  const said = { by: by.trim(), reason: reason.trim() };
  const ready = said.by !== '' && said.reason.length >= LEAST_REASON;
  const say = async (): Promise<void> => {
    if (ready && (await onSay(said))) setOpen(false);
  };
  return (
    <>
      <XStack>
        <Button label={label} onPress={() => setOpen(true)} />
      </XStack>
      <Sheet title={label} open={open} onClose={() => setOpen(false)}>
        <YStack gap="$m">
          {children}
          <Field label={who} value={by} onChange={setBy} />
          <Field label={VISIT_PHRASES.whyStands} lines={3} value={reason} onChange={setReason} />
          {foot}
          <Button kind="main" off={!ready} label={label} onPress={() => void say()} />
        </YStack>
      </Sheet>
    </>
  );
}
