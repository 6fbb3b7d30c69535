import { UI_PHRASES } from '../words/ui-phrases';
import { type ReactNode, createContext, useContext } from 'react';
import { ScrollView, YStack, XStack } from 'tamagui';
import { Icon } from './icons';
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
  /** The children scroll by themselves, as a long list does. */
  readonly ownScroll?: boolean;
}

/** What stands in the corner of every screen, given once where the application is put together. */
export const ScreenCorner = createContext<ReactNode>(null);

/** The frame of every screen: name at the top, main action at the bottom, work between. */
export function Screen({ title, note, onBack, action, top, bottom, children, narrow = false, ownScroll = false }: ScreenProps) {
  const palette = usePalette();
  const corner = useContext(ScreenCorner);
  const widest = narrow ? 720 : 1400;
  return (
    <YStack flex={1} backgroundColor="$paper" role="main">
      <XStack
        alignItems="center"
        gap="$xs"
        paddingHorizontal="$l"
        paddingTop="$m"
        paddingBottom="$s"
        width="100%"
        maxWidth={widest}
        marginHorizontal="auto"
      >
        {onBack ? (
          <Button kind="quiet" tight label={UI_PHRASES.back} onPress={onBack}>
            <Icon name="back" color={palette.ink} size={26} />
          </Button>
        ) : null}
        <YStack flex={1} minWidth={0}>
          <Title numberOfLines={1}>{title}</Title>
          {note ? <Small numberOfLines={2}>{note}</Small> : null}
        </YStack>
        {corner}
        {action}
      </XStack>
      {top}
      {ownScroll ? (
        <YStack flex={1} minHeight={0} width="100%" maxWidth={widest} marginHorizontal="auto">
          {children}
        </YStack>
      ) : (
        <ScrollView flex={1} tabIndex={-1}>
          <YStack
            width="100%"
            maxWidth={widest}
            marginHorizontal="auto"
            paddingHorizontal="$l"
            paddingTop="$xs"
            paddingBottom="$xl"
            gap="$l"
          >
            {children}
          </YStack>
        </ScrollView>
      )}
      {bottom ? (
        <XStack gap="$s" padding="$l" paddingTop="$s" width="100%" maxWidth={narrow ? 720 : 900} marginHorizontal="auto">
          {bottom}
        </XStack>
      ) : null}
    </YStack>
  );
}
