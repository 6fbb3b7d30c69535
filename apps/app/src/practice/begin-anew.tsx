import { useState } from 'react';
import { XStack } from 'tamagui';
import { useSession } from '../platform/session-context';
import { useWaiting } from '../platform/use-sync';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Sheet } from '../ui/sheet';
import { Body } from '../ui/text';
import { PRACTICE_PHRASES } from '../words/practice-phrases';

/** The demo as it begins; asked about first, and only where nothing waits to be sent. */
export function BeginAnew() {
  const { session, beginAnew } = useSession();
  const waiting = useWaiting().length;
  const [open, setOpen] = useState(false);
  const [state, setState] = useState<'asked' | 'going' | 'failed'>('asked');
  if (!session.demo) return null;
  const go = (): void => {
    setState('going');
    beginAnew().catch(() => setState('failed'));
  };
  return (
    <>
      <Button label={PRACTICE_PHRASES.beginAnew} onPress={() => setOpen(true)} />
      <Sheet title={PRACTICE_PHRASES.beginAnew} open={open} onClose={() => setOpen(false)}>
        <Body>{waiting === 0 ? PRACTICE_PHRASES.beginAnewMeans : PRACTICE_PHRASES.beginAnewWaits(waiting)}</Body>
        {state === 'failed' ? <Banner tone="bad">{PRACTICE_PHRASES.beginAnewFailed}</Banner> : null}
        <XStack gap="$s" flexWrap="wrap">
          <Button kind="main" off={waiting > 0 || state === 'going'} label={PRACTICE_PHRASES.beginAnewDo(state === 'going')} onPress={go} />
          <Button label={PRACTICE_PHRASES.leaveIt} onPress={() => setOpen(false)} />
        </XStack>
      </Sheet>
    </>
  );
}
