import { UI_PHRASES } from '../words/ui-phrases';
import { type ReactNode, createContext, useContext } from 'react';
import { useWindowDimensions } from 'react-native';
import { ScrollView, YStack, XStack } from 'tamagui';
import { Icon } from './icons';
import { Button } from './button';
import { Locked } from './locked';
import { Small, Title } from './text';
import { useMeasuredHeight } from './use-measured-height';
import { usePalette } from './use-palette';

export interface ScreenProps {
  readonly title: string;
  readonly note?: string;
  readonly onBack?: () => void;
  readonly action?: ReactNode;
  /** Stays above what scrolls, while there is room for it. */
  readonly top?: ReactNode;
  /** A drawing that stays in sight below it while there is room to work under it. */
  readonly pinned?: ReactNode;
  /** Said over the work where what stands here can't be changed: the work below it is locked then. */
  readonly closed?: ReactNode;
  /** In the thumb's reach. */
  readonly bottom?: ReactNode;
  readonly children: ReactNode;
  readonly narrow?: boolean;
  /** The children scroll by themselves, as a long list does. */
  readonly ownScroll?: boolean;
}

/** What stands in the corner of every screen, given once where the application is put together. */
export const ScreenCorner = createContext<ReactNode>(null);
/** The way round the product: a strip at the foot, or a list at the left where there is room. */
export const ScreenRail = createContext<{ readonly strip: ReactNode; readonly list: ReactNode }>({ strip: null, list: null });

/** From here on the list of places stands open beside the work, px. */
const RAIL_LIST_FROM_PX = 1400;
/** Below this a screen is low: a phone held sideways, or a page enlarged twice; px. */
const LOW_BELOW_PX = 520;
/** What header, buttons and strip take of the height, px. */
const FRAME_PX = { usual: 212, low: 160 } as const;

/** The frame of every screen: name at the top, main action at the bottom, work between. What is fixed never takes more than half. */
export function Screen(props: ScreenProps) {
  const { top, pinned, bottom, closed = null, children, narrow = false, ownScroll = false } = props;
  const rail = useContext(ScreenRail);
  const { width, height } = useWindowDimensions();
  const low = height < LOW_BELOW_PX;
  const listed = width >= RAIL_LIST_FROM_PX && rail.list !== null;
  const widest = narrow ? 720 : 1400;
  const folds = useFolding(height, low);
  return (
    <XStack flex={1} backgroundColor="$paper">
      {listed ? rail.list : null}
      <YStack flex={1} minWidth={0} role="main">
        <Head {...props} low={low} widest={widest} />
        {folds.top ? null : <div ref={folds.topRef}>{top}</div>}
        {folds.pinned ? null : <div ref={folds.pinnedRef}>{pinned}</div>}
        {ownScroll ? (
          <YStack flex={1} minHeight={0} width="100%" maxWidth={widest} marginHorizontal="auto">
            {children}
          </YStack>
        ) : (
          <ScrollView flex={1} tabIndex={-1}>
            {folds.top ? top : null}
            {folds.pinned ? pinned : null}
            <YStack
              width="100%"
              maxWidth={widest}
              marginHorizontal="auto"
              paddingHorizontal="$l"
              paddingTop="$xs"
              paddingBottom="$xl"
              gap="$l"
            >
              {closed}
              <Locked when={closed !== null}>{children}</Locked>
            </YStack>
          </ScrollView>
        )}
        {bottom ? (
          <XStack
            gap="$s"
            paddingHorizontal="$l"
            paddingVertical={low ? '$xs' : '$s'}
            width="100%"
            maxWidth={narrow ? 720 : 900}
            marginHorizontal="auto"
          >
            {bottom}
          </XStack>
        ) : null}
        {listed ? null : rail.strip}
      </YStack>
    </XStack>
  );
}

/** A drawing is part of the work: it stays as long as this much is left to work with below it, px. */
const LEFT_BELOW_PINNED_PX = 300;

/** What must scroll with the work: the top, where more than half of the height were fixed; a pinned drawing, where too little were left. */
function useFolding(heightPx: number, low: boolean) {
  const [topPx, topRef] = useMeasuredHeight();
  const [pinnedPx, pinnedRef] = useMeasuredHeight();
  const room = heightPx / 2 - (low ? FRAME_PX.low : FRAME_PX.usual);
  return {
    top: topPx + pinnedPx > room,
    pinned: heightPx - FRAME_PX.usual - pinnedPx < LEFT_BELOW_PINNED_PX,
    topRef,
    pinnedRef,
  };
}

interface HeadProps extends Pick<ScreenProps, 'title' | 'note' | 'onBack' | 'action'> {
  readonly low: boolean;
  readonly widest: number;
}

function Head({ title, note, onBack, action, low, widest }: HeadProps) {
  const palette = usePalette();
  const corner = useContext(ScreenCorner);
  return (
    <XStack
      alignItems="center"
      gap="$xs"
      paddingHorizontal="$l"
      paddingTop={low ? 0 : '$m'}
      paddingBottom={low ? 0 : '$s'}
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
        <Title numberOfLines={1} {...(low && LOW_TITLE)}>
          {title}
        </Title>
        {note && !low ? <Small numberOfLines={2}>{note}</Small> : null}
      </YStack>
      {corner}
      {action}
    </XStack>
  );
}

const LOW_TITLE = { fontSize: '$name', lineHeight: '$name' } as const;
