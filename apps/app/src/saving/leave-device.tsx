import { router } from 'expo-router';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { type Unsent } from '../platform/leaving/leave-work';
import { ownerOf } from '../platform/draft-scope';
import { useSession } from '../platform/session-context';
import { type Waiting, isOwn } from '../platform/sync/waiting';
import { useWaiting } from '../platform/use-sync';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Sheet } from '../ui/sheet';
import { Small } from '../ui/text';
import { LEAVING_PHRASES } from '../words/leaving-phrases';
import { writeName } from '../words/write-words';

/** No more of what waits is named one by one. */
const MOST_NAMED = 6;

/** What of this person's waits here to be sent, and the way out of this device. */
function useLeaving(onGone: (() => void) | undefined) {
  const { session, signOut } = useSession();
  const owner = ownerOf(session);
  const unsent = useWaiting().filter((w) => isOwn(w, owner));
  const [state, setState] = useState<'idle' | 'going' | 'failed'>('idle');
  const go = (choice: Unsent) => {
    setState('going');
    const away = () => {
      onGone?.();
      router.replace('/');
    };
    signOut(choice, away).catch((error: unknown) => {
      console.error('Signing out broke off.', error);
      setState('failed');
    });
  };
  return { unsent, state, go };
}

export interface LeaveDeviceProps {
  /** Something isn't sent: asked about on a sheet of its own, which doesn't grow under the thumb that opened it. */
  readonly onAsk: () => void;
  readonly onGone?: (() => void) | undefined;
}

/** Sign out: at once where everything is sent. */
export function LeaveDevice({ onAsk, onGone }: LeaveDeviceProps) {
  const { unsent, state, go } = useLeaving(onGone);
  return (
    <YStack>
      {state === 'failed' ? <Banner tone="bad">{LEAVING_PHRASES.failed}</Banner> : null}
      <XStack>
        <Button
          kind="quiet"
          tight
          off={state === 'going'}
          label={state === 'going' ? LEAVING_PHRASES.going : LEAVING_PHRASES.signOut}
          onPress={() => (unsent.length === 0 ? go('seal') : onAsk())}
        />
      </XStack>
    </YStack>
  );
}

/** What isn't sent is named, and stays sealed unless it is thrown away on purpose. */
export function LeaveSheet({ open, onClose }: { readonly open: boolean; readonly onClose: () => void }) {
  return (
    <Sheet title={LEAVING_PHRASES.unsentTitle} open={open} onClose={onClose}>
      {open ? <Choices onClose={onClose} /> : null}
    </Sheet>
  );
}

function Choices({ onClose }: { readonly onClose: () => void }) {
  const { unsent, state, go } = useLeaving(onClose);
  const [discarding, setDiscarding] = useState(false);
  const [heightPx, setHeightPx] = useState(0);
  const off = state === 'going';
  return (
    <>
      {state === 'failed' ? <Banner tone="bad">{LEAVING_PHRASES.failed}</Banner> : null}
      <Named unsent={unsent} />
      {/* as high while it is asked again: nothing moves under the thumb, and where it was pressed first a second press stays */}
      <YStack
        gap="$m"
        minHeight={heightPx}
        justifyContent="flex-end"
        onLayout={({ nativeEvent }) => (discarding ? undefined : setHeightPx(nativeEvent.layout.height))}
      >
        {discarding ? (
          <>
            <Banner tone="bad">{LEAVING_PHRASES.discardMeans(unsent.length)}</Banner>
            <Button kind="quiet" label={LEAVING_PHRASES.discardSure} off={off} onPress={() => go('discard')} />
            <Button label={LEAVING_PHRASES.stay} off={off} onPress={onClose} />
          </>
        ) : (
          <>
            <Small>
              {LEAVING_PHRASES.sealedMeans} {LEAVING_PHRASES.halfTyped}
            </Small>
            <Button kind="main" label={off ? LEAVING_PHRASES.going : LEAVING_PHRASES.sealAndGo} off={off} onPress={() => go('seal')} />
            <Button label={LEAVING_PHRASES.stay} off={off} onPress={onClose} />
            <Button kind="quiet" label={LEAVING_PHRASES.discard} off={off} onPress={() => setDiscarding(true)} />
          </>
        )}
      </YStack>
    </>
  );
}

const Named = ({ unsent }: { readonly unsent: readonly Waiting[] }) => (
  <YStack>
    <Small fontWeight="700">{LEAVING_PHRASES.notSent(unsent.length)}</Small>
    {unsent.slice(0, MOST_NAMED).map((w) => (
      <Small key={w.id}>{writeName(w.write)}</Small>
    ))}
    {unsent.length > MOST_NAMED ? <Small>{LEAVING_PHRASES.andMore(unsent.length - MOST_NAMED)}</Small> : null}
  </YStack>
);
