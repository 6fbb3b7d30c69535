import { router } from 'expo-router';
import { XStack } from 'tamagui';
import { MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { Body } from '../ui/text';
import { TACK_PHRASES } from '../words/tack-phrases';
import { TACK_STATE_TONE, TACK_STATE_WORDS } from '../words/tack-words';
import { HeldBanner } from './held-banner';
import { useTackThing } from './use-tack';

/** How an item stands, in one line, with the way to its walk; what holds it is said whole. */
export function TackLine({ id }: { readonly id: string }) {
  const thing = useTackThing(id);
  if (thing === null) return null;
  const state = thing.shown;
  if (state === 'unsafe') return <HeldBanner id={id} />;
  const tone = TACK_STATE_TONE[state];
  return (
    <XStack alignItems="center" gap="$s">
      <Body flex={1} color={tone === 'plain' ? '$muted' : `$${tone}`}>
        {MARK[tone]} {TACK_PHRASES.safety}: {TACK_STATE_WORDS[state]}
      </Body>
      <Button kind="quiet" tight label={TACK_PHRASES.look} onPress={() => router.push(`/tack/${id}`)} />
    </XStack>
  );
}
