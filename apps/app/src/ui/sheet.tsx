import { UI_PHRASES } from '../words/ui-phrases';
import { FocusScope } from '@tamagui/focus-scope';
import { type ReactNode, useEffect, useState } from 'react';
import { useWindowDimensions } from 'react-native';
import { Sheet as Pane, XStack, YStack } from 'tamagui';
import { Button } from './button';
import { Locked } from './locked';
import { Heading } from './text';
import { useLatest } from './use-latest';

/** A sheet leaves so much of the screen free above it that a tap beside it can close it. */
const MOST_OF_THE_SCREEN = 0.9;
/** What was dragged away is gone from the page too, for those who don't see it. */
const GOES_WITHIN_MS = 300;
/** Handle, name and way out. */
const HEAD_PX = 70;

export interface SheetProps {
  readonly title: string;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/**
 * Comes up over the lower part of the screen. The focus stays in it and goes back to where it was;
 * Escape, a tap beside it and a drag downwards close it.
 */
export function Sheet({ title, open, onClose, children }: SheetProps) {
  useEscape(open, onClose);
  const { height } = useWindowDimensions();
  const there = useLingering(open, GOES_WITHIN_MS);
  if (!there) return null;
  return (
    <Pane
      modal
      open={open}
      onOpenChange={(next: boolean) => {
        if (!next) onClose();
      }}
      snapPointsMode="fit"
      dismissOnSnapToBottom
      unmountChildrenWhenHidden
      transition="quick"
      disableRemoveScroll
    >
      <Pane.Overlay
        backgroundColor="rgba(20,20,16,0.45)"
        opacity={1}
        enterStyle={{ opacity: 0 }}
        exitStyle={{ opacity: 0 }}
        transition="quick"
      />
      <Pane.Frame
        backgroundColor="$paper"
        borderTopLeftRadius={20}
        borderTopRightRadius={20}
        width="100%"
        maxWidth={720}
        marginHorizontal="auto"
      >
        <FocusScope enabled={open} trapped loop>
          <YStack role="dialog" aria-modal aria-label={title} tabIndex={-1} flexShrink={1} minHeight={0}>
            <Locked when={false}>
              <SheetHead title={title} onClose={onClose} />
            </Locked>
            <Pane.ScrollView
              maxHeight={height * MOST_OF_THE_SCREEN - HEAD_PX}
              tabIndex={0}
              role="region"
              aria-label={UI_PHRASES.content(title)}
            >
              <YStack paddingHorizontal="$l" paddingBottom="$xl" gap="$m">
                {children}
              </YStack>
            </Pane.ScrollView>
          </YStack>
        </FocusScope>
      </Pane.Frame>
    </Pane>
  );
}

/** The handle to drag it by, its name, and the way out for those who don't drag. */
function SheetHead({ title, onClose }: Pick<SheetProps, 'title' | 'onClose'>) {
  return (
    <YStack>
      <YStack aria-hidden alignSelf="center" width={44} height={5} borderRadius={3} marginTop="$s" backgroundColor="$ruleStrong" />
      <XStack paddingHorizontal="$l" paddingBottom="$s" alignItems="center">
        <Heading flex={1}>{title}</Heading>
        <Button kind="quiet" label={UI_PHRASES.close} onPress={onClose} />
      </XStack>
    </YStack>
  );
}

/** Stays true for a while after it became false: as long as going takes to be seen. */
function useLingering(on: boolean, forMs: number): boolean {
  const [there, setThere] = useState(on);
  useEffect(() => {
    if (on) {
      setThere(true);
      return;
    }
    const timer = setTimeout(() => setThere(false), forMs);
    return () => clearTimeout(timer);
  }, [on, forMs]);
  return on || there;
}

function useEscape(open: boolean, onClose: () => void): void {
  const close = useLatest(onClose);
  useEffect(() => {
    if (!open) return;
    const escape = (event: KeyboardEvent) => event.key === 'Escape' && close.current();
    window.addEventListener('keydown', escape);
    return () => window.removeEventListener('keydown', escape);
  }, [open, close]);
}
