import { FlashList } from '@shopify/flash-list';
import { type ReactElement } from 'react';
import { YStack } from 'tamagui';

export interface LongListProps<T> {
  readonly items: readonly T[];
  readonly keyOf: (item: T) => string;
  readonly render: (item: T) => ReactElement;
  readonly columns: 1 | 2;
  /** Scrolls with the list, above and below it. */
  readonly header: ReactElement;
  readonly footer?: ReactElement | null;
  /** The end comes near: the next page may be fetched. */
  readonly onNearEnd?: () => void;
}

/** Room beside the rows, as on every screen, px. */
const SIDE_PX = 16;

/** A list of any length: only the rows in sight are drawn. Stands in a screen that leaves the scrolling to it. */
export function LongList<T>({ items, keyOf, render, columns, header, footer = null, onNearEnd }: LongListProps<T>) {
  return (
    <FlashList
      key={columns}
      data={[...items]}
      keyExtractor={keyOf}
      numColumns={columns}
      renderItem={({ item }) => <YStack paddingHorizontal={SIDE_PX}>{render(item)}</YStack>}
      ListHeaderComponent={
        <YStack gap="$l" paddingHorizontal={SIDE_PX} paddingTop="$xs" paddingBottom="$s">
          {header}
        </YStack>
      }
      ListFooterComponent={
        <YStack paddingHorizontal={SIDE_PX} paddingVertical="$l">
          {footer}
        </YStack>
      }
      onEndReached={onNearEnd}
      onEndReachedThreshold={0.6}
    />
  );
}
