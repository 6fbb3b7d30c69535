import { SECTION_PHRASES } from '../words/section-phrases';
import { type StationMeasurement } from '@fulcra/core';
import { XStack, YStack } from 'tamagui';
import { MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { Small, Strong } from '../ui/text';
import { takeWords } from '../words/agreement-words';

/** Each take with its word, to be withdrawn by a tap while the visit is open. */
export function TakesStrip({
  front,
  onWithdraw,
}: {
  readonly front: StationMeasurement;
  readonly onWithdraw: ((id: string) => void) | null;
}) {
  return (
    <XStack gap="$s" flexWrap="wrap" role="list" aria-label={SECTION_PHRASES.takes}>
      {front.takes.map((take) => {
        const [tone, text] = takeWords(front, take.id);
        return (
          <YStack
            key={take.id}
            role="listitem"
            borderWidth={2}
            borderColor={tone === 'bad' ? '$bad' : '$rule'}
            borderRadius={14}
            paddingHorizontal="$m"
            paddingVertical="$xs"
            backgroundColor="$sheet"
          >
            <Strong>{SECTION_PHRASES.take(take.number)}</Strong>
            <Small color={tone === 'plain' ? '$muted' : `$${tone}`}>
              {MARK[tone]} {text}
            </Small>
            {onWithdraw === null ? null : (
              <Button kind="quiet" label={SECTION_PHRASES.withdrawTake(take.number)} onPress={() => onWithdraw(take.id)}>
                <Small textDecorationLine="underline">{SECTION_PHRASES.withdraw}</Small>
              </Button>
            )}
          </YStack>
        );
      })}
    </XStack>
  );
}
