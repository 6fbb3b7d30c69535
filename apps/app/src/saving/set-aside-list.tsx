import { SAVING_PHRASES } from '../words/saving-phrases';
import { useContext, useMemo, useSyncExternalStore } from 'react';
import { XStack, YStack } from 'tamagui';
import { DraftScope } from '../platform/draft-scope';
import { type SetAside, setAside } from '../platform/set-aside';
import { Button } from '../ui/button';
import { Body, Small, Strong } from '../ui/text';

/** What was set aside of this person's. */
export function useSetAside(): readonly SetAside[] {
  const all = useSyncExternalStore(setAside.subscribe, setAside.all);
  const scope = useContext(DraftScope);
  return useMemo(() => all.filter(({ key }) => key.startsWith(`${scope}:`)), [all, scope]);
}

const bare = (key: string): string => key.slice(key.indexOf(':') + 1);

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
          <Small>{bare(key)}</Small>
          <Small numberOfLines={3}>{text}</Small>
          <XStack gap="$s" flexWrap="wrap">
            <Button label={SAVING_PHRASES.copy(bare(key))} onPress={() => void navigator.clipboard?.writeText(text)}>
              <Body>{SAVING_PHRASES.copy2}</Body>
            </Button>
            <Button kind="quiet" label={SAVING_PHRASES.letGo(bare(key))} onPress={() => setAside.discard(key)}>
              <Body>{SAVING_PHRASES.letItGo}</Body>
            </Button>
          </XStack>
        </YStack>
      ))}
    </YStack>
  );
}
