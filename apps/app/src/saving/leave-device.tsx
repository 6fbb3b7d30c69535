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
import { Small } from '../ui/text';
import { LEAVING_PHRASES } from '../words/leaving-phrases';
import { writeName } from '../words/write-words';

/** No more of what waits is named one by one. */
const MOST_NAMED = 6;

/** Sign out: what isn't sent is named first, and stays sealed unless it is thrown away on purpose. */
export function LeaveDevice({ onGone }: { readonly onGone?: (() => void) | undefined }) {
  const { session, signOut } = useSession();
  const owner = ownerOf(session);
  const unsent = useWaiting().filter((w) => isOwn(w, owner));
  const [asked, setAsked] = useState<'no' | 'leave' | 'discard'>('no');
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
  if (asked === 'no' || state === 'going') {
    const ask = () => (unsent.length === 0 ? go('seal') : setAsked('leave'));
    return (
      <YStack>
        {state === 'failed' ? <Banner tone="bad">{LEAVING_PHRASES.failed}</Banner> : null}
        <XStack>
          <Button
            kind="quiet"
            tight
            off={state === 'going'}
            label={state === 'going' ? LEAVING_PHRASES.going : LEAVING_PHRASES.signOut}
            onPress={ask}
          />
        </XStack>
      </YStack>
    );
  }
  return (
    <YStack gap="$s" paddingVertical="$s" role="group" aria-label={LEAVING_PHRASES.signOut}>
      {state === 'failed' ? <Banner tone="bad">{LEAVING_PHRASES.failed}</Banner> : null}
      <Named unsent={unsent} />
      {asked === 'leave' ? (
        <>
          <Small>
            {LEAVING_PHRASES.sealedMeans} {LEAVING_PHRASES.halfTyped}
          </Small>
          <Button kind="main" label={LEAVING_PHRASES.sealAndGo} onPress={() => go('seal')} />
          <Button label={LEAVING_PHRASES.stay} onPress={() => setAsked('no')} />
          <Button kind="quiet" label={LEAVING_PHRASES.discard} onPress={() => setAsked('discard')} />
        </>
      ) : (
        <>
          <Banner tone="bad">{LEAVING_PHRASES.discardMeans(unsent.length)}</Banner>
          <Button label={LEAVING_PHRASES.stay} onPress={() => setAsked('no')} />
          <Button kind="quiet" label={LEAVING_PHRASES.discardSure} onPress={() => go('discard')} />
        </>
      )}
    </YStack>
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
