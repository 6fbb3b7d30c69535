import { type ReactNode } from 'react';
import { YStack } from 'tamagui';
import { Heading } from '../ui/text';

/** One thing the leg says, with its working. */
export function Panel({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingTop="$m" gap="$xs">
      <Heading>{title}</Heading>
      {children}
    </YStack>
  );
}
