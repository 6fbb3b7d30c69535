import { type Tone, MARK } from '../words/tone';
import { type ReactNode } from 'react';
import { XStack, YStack } from 'tamagui';
import { Body } from './text';

export { type Tone, MARK };

/** Something to know now, with its severity by shape, word order and colour. */
export function Banner({ tone, children }: { readonly tone: Tone; readonly children: ReactNode }) {
  const colour = tone === 'plain' ? '$muted' : (`$${tone}` as const);
  return (
    <XStack
      gap="$s"
      paddingVertical="$s"
      paddingHorizontal="$m"
      borderLeftWidth={4}
      borderColor={colour}
      backgroundColor="$sheet"
      role={tone === 'bad' ? 'alert' : 'status'}
    >
      <Body color={colour} aria-hidden>
        {MARK[tone]}
      </Body>
      <YStack flex={1} gap="$xs">
        {typeof children === 'string' ? <Body>{children}</Body> : children}
      </YStack>
    </XStack>
  );
}
