import { Children, type ReactNode } from 'react';
import { XStack, YStack } from 'tamagui';
import { useWide } from './use-wide';

export interface ColumnsProps {
  readonly children: ReactNode;
  /** Share of the width each column takes where there is room; equal if not given. */
  readonly shares?: readonly number[];
}

/** Side by side at the bench, one under the other in the aisle. */
export function Columns({ children, shares = [] }: ColumnsProps) {
  const wide = useWide();
  const columns = Children.toArray(children);
  if (!wide) return <YStack gap="$l">{columns}</YStack>;
  return (
    <XStack gap="$xl" alignItems="flex-start">
      {columns.map((column, i) => (
        <YStack key={i} flex={shares[i] ?? 1} minWidth={0} gap="$m">
          {column}
        </YStack>
      ))}
    </XStack>
  );
}
