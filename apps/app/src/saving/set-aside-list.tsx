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
      <Strong>Set aside</Strong>
      <Body>
        This was half entered under an earlier release and can’t be gone on with here. It is kept as it was; copy what you need, then let it
        go.
      </Body>
      {list.map(({ key, text }) => (
        <YStack key={key} gap="$xs">
          <Small>{key}</Small>
          <Small numberOfLines={3}>{text}</Small>
          <XStack gap="$s" flexWrap="wrap">
            <Button label={`Copy ${key}`} onPress={() => void navigator.clipboard?.writeText(text)}>
              <Body>Copy</Body>
            </Button>
            <Button kind="quiet" label={`Let ${key} go`} onPress={() => setAside.discard(key)}>
              <Body>Let it go</Body>
            </Button>
          </XStack>
        </YStack>
      ))}
    </YStack>
  );
}
