import { YARD_PHRASES } from '../words/yard-phrases';
import { type HorseSummary } from '@fulcra/contract';
import { Link } from 'expo-router';
import { memo } from 'react';
import { XStack, YStack } from 'tamagui';
import { OutlineThumb } from '../drawings/outline-thumb';
import { MARK } from '../ui/banner';
import { Body, Name, Small } from '../ui/text';
import { ageWords, dayWords, heightWords } from '../words/measure-words';

/** One animal, shown by its own back. */
export const HorseRow = memo(function HorseRow({ summary }: { readonly summary: HorseSummary }) {
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
            {openVisitId ? (
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
