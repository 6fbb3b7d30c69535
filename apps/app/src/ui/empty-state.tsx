import { type ReactNode } from 'react';
import { YStack } from 'tamagui';
import { Body, Heading } from './text';

/** Nothing here yet, and what to do about it. */
export function EmptyState({ title, text, children }: { readonly title: string; readonly text: string; readonly children?: ReactNode }) {
  return (
    <YStack gap="$s" paddingVertical="$xxl" alignItems="center">
      <Heading textAlign="center">{title}</Heading>
      <Body textAlign="center" maxWidth={420}>
        {text}
      </Body>
      {children}
    </YStack>
  );
}
