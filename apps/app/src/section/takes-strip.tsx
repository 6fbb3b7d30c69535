import { SECTION_PHRASES } from '../words/section-phrases';
import { type StationMeasurement, MOST_TAKES } from '@fulcra/core';
import { type ReactNode } from 'react';
import { XStack, YStack } from 'tamagui';
import { MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { Small, Strong } from '../ui/text';
import { takeWords } from '../words/agreement-words';

export interface TakesStripProps {
  readonly front: StationMeasurement;
  /** Null while the visit is closed. */
  readonly onWithdraw: ((id: string) => void) | null;
  readonly onPutBack: ((id: string) => void) | null;
}

/** Each take with its word, to be withdrawn by a tap while the visit is open; withdrawn ones stay, struck through. */
export function TakesStrip({ front, onWithdraw, onPutBack }: TakesStripProps) {
  const full = front.takes.length >= MOST_TAKES;
  return (
    <XStack gap="$s" flexWrap="wrap" role="list" aria-label={SECTION_PHRASES.takes}>
      {front.takes.map((take) => {
        const [tone, text] = takeWords(front, take.id);
        return (
          <OneTake key={take.id} bad={tone === 'bad'}>
            <Strong>{SECTION_PHRASES.take(take.number)}</Strong>
            <Small color={tone === 'plain' ? '$muted' : `$${tone}`}>
              {MARK[tone]} {text}
            </Small>
            {onWithdraw === null ? null : (
              <Button kind="quiet" label={SECTION_PHRASES.withdrawTake(take.number)} onPress={() => onWithdraw(take.id)}>
                <Small textDecorationLine="underline">{SECTION_PHRASES.withdraw}</Small>
              </Button>
            )}
          </OneTake>
        );
      })}
      {front.withdrawn.map((take) => (
        <OneTake key={take.id} bad={false}>
          <Strong color="$muted" textDecorationLine="line-through">
            {SECTION_PHRASES.take(take.number)}
          </Strong>
          <Small>{SECTION_PHRASES.withdrawn}</Small>
          {onPutBack === null ? null : (
            <Button kind="quiet" off={full} label={SECTION_PHRASES.putTakeBack(take.number)} onPress={() => onPutBack(take.id)}>
              <Small textDecorationLine="underline">{SECTION_PHRASES.putBack}</Small>
            </Button>
          )}
        </OneTake>
      ))}
    </XStack>
  );
}

const OneTake = ({ bad, children }: { readonly bad: boolean; readonly children: ReactNode }) => (
  <YStack
    role="listitem"
    borderWidth={2}
    borderColor={bad ? '$bad' : '$rule'}
    borderRadius={14}
    paddingHorizontal="$m"
    paddingVertical="$xs"
    backgroundColor="$sheet"
  >
    {children}
  </YStack>
);
