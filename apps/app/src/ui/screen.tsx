import { type ReactNode } from 'react';
import { ScrollView, YStack, XStack } from 'tamagui';
import { Icon } from './icons';
import { SyncState } from '../saving/sync-state';
import { Button } from './button';
import { Small, Title } from './text';
import { usePalette } from './use-palette';

export interface ScreenProps {
  readonly title: string;
  readonly note?: string;
  readonly onBack?: () => void;
  readonly action?: ReactNode;
  /** Stays above what scrolls. */
  readonly top?: ReactNode;
  /** In the thumb's reach. */
  readonly bottom?: ReactNode;
  readonly children: ReactNode;
  readonly narrow?: boolean;
}

/** The frame of every screen: name at the top, main action at the bottom, work between. */
export function Screen({ title, note, onBack, action, top, bottom, children, narrow = false }: ScreenProps) {
  const palette = usePalette();
  return (
    <YStack flex={1} backgroundColor="$paper" role="main">
      <XStack
        alignItems="center"
        gap="$xs"
        paddingHorizontal="$l"
        paddingTop="$m"
        paddingBottom="$s"
        width="100%"
        maxWidth={narrow ? 720 : 1400}
        marginHorizontal="auto"
      >
        {onBack ? (
          <Button kind="quiet" tight label="Back" onPress={onBack}>
            <Icon name="back" color={palette.ink} size={26} />
          </Button>
        ) : null}
        <YStack flex={1} minWidth={0}>
          <Title numberOfLines={1}>{title}</Title>
          {note ? <Small numberOfLines={2}>{note}</Small> : null}
        </YStack>
        <SyncState />
        {action}
      </XStack>
      {top}
      <ScrollView flex={1} tabIndex={-1}>
        <YStack
          width="100%"
          maxWidth={narrow ? 720 : 1400}
          marginHorizontal="auto"
          paddingHorizontal="$l"
          paddingTop="$xs"
          paddingBottom="$xl"
          gap="$l"
        >
          {children}
        </YStack>
      </ScrollView>
      {bottom ? (
        <XStack gap="$s" padding="$l" paddingTop="$s" width="100%" maxWidth={narrow ? 720 : 900} marginHorizontal="auto">
          {bottom}
        </XStack>
      ) : null}
    </YStack>
  );
}
