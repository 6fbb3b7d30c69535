import { YARD_PHRASES } from '../words/yard-phrases';
import { type HorseSummary } from '@fulcra/contract';
import { Link } from 'expo-router';
import { memo } from 'react';
import { XStack, YStack } from 'tamagui';
import { OutlineThumb } from '../drawings/outline-thumb';
import { MARK } from '../ui/banner';
import { Body, Name, Small } from '../ui/text';
import { ageWords, dayWords, heightWords } from '../words/measure-words';

/** How what a horse is ridden in stands: names of what is held, and of what nobody looked at for too long. */
export interface RowTack {
  readonly held: readonly string[];
  readonly lapsed: readonly string[];
}

interface HorseRowProps {
  readonly summary: HorseSummary;
  readonly tack: RowTack;
}

/** One animal, shown by its own back. */
export const HorseRow = memo(function HorseRow({ summary, tack }: HorseRowProps) {
  const { horse, openVisitId, lastVisitOn, outline } = summary;
  const facts = [horse.kind, horse.heightMm === null ? null : heightWords(horse.heightMm), ageWords(horse.bornYear, new Date())];
  return (
    <YStack testID="horse-row" borderBottomWidth={1} borderColor="$rule">
      <Link href={`/horses/${horse.id}`} style={{ textDecorationLine: 'none' }}>
        <XStack gap="$l" alignItems="center" paddingVertical="$m" minHeight={84}>
          <OutlineThumb outline={outline} />
          <YStack flex={1} minWidth={0}>
            <Name numberOfLines={1}>{horse.name}</Name>
            <Small numberOfLines={1}>{facts.filter(Boolean).join(' · ')}</Small>
            {tack.held.length > 0 ? (
              <Body fontWeight="700" color="$bad">
                {YARD_PHRASES.held(MARK.bad, tack.held.join(', '))}
              </Body>
            ) : tack.lapsed.length > 0 ? (
              <Small color="$lookOut">{YARD_PHRASES.lapsed(MARK.lookOut, tack.lapsed.join(', '))}</Small>
            ) : null}
            {horse.gone !== null ? (
              <Body color="$muted">{YARD_PHRASES.gone[horse.gone.how]}</Body>
            ) : openVisitId ? (
              <Body fontWeight="700" color="$action">
                {YARD_PHRASES.visitUnderWay(MARK.good)}
              </Body>
            ) : (
              <Body color="$muted">
                {lastVisitOn === null ? YARD_PHRASES.notVisitedYet : YARD_PHRASES.lastVisit(dayWords(lastVisitOn))}
              </Body>
            )}
          </YStack>
        </XStack>
      </Link>
    </YStack>
  );
});
