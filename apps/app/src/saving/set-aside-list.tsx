import { SAVING_PHRASES } from '../words/saving-phrases';
import { useSyncExternalStore } from 'react';
import { XStack, YStack } from 'tamagui';
import { setAside } from '../platform/set-aside';
import { Button } from '../ui/button';
import { Body, Small, Strong } from '../ui/text';

export const useSetAside = () => useSyncExternalStore(setAside.subscribe, setAside.all);

/** Drafts of an earlier release that can't be gone on with, each to be copied or let go. */
export function SetAsideList() {
  const list = useSetAside();
  if (list.length === 0) return null;
  return (
    <YStack gap="$s" borderTopWidth={1} borderColor="$rule" paddingTop="$m">
      <Strong>{SAVING_PHRASES.setAside}</Strong>
      <Body>{SAVING_PHRASES.thisWasHalf}</Body>
      {list.map(({ key, text }) => (
        <YStack key={key} gap="$xs">
          <Small>{key}</Small>
          <Small numberOfLines={3}>{text}</Small>
          <XStack gap="$s" flexWrap="wrap">
            <Button label={SAVING_PHRASES.copy(key)} onPress={() => void navigator.clipboard?.writeText(text)}>
              <Body>{SAVING_PHRASES.copy2}</Body>
            </Button>
            <Button kind="quiet" label={SAVING_PHRASES.letGo(key)} onPress={() => setAside.discard(key)}>
              <Body>{SAVING_PHRASES.letItGo}</Body>
            </Button>
          </XStack>
        </YStack>
      ))}
    </YStack>
  );
}
