import { type LegOnHorse, type PlumbParts, type SuitsWord, seatSize } from '@fulcra/core';
import { router } from 'expo-router';
import { XStack, YStack } from 'tamagui';
import { MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { Body, Small, Strong } from '../ui/text';
import { LEG_PHRASES } from '../words/leg-phrases';
import { type Tone } from '../words/tone';
import { Panel } from './panel';
import { suitsRows } from './suits-rows';
import { type Leg, type LegChosen } from './use-leg';
import { HeldBanner } from '../tack';

export const SUITS_TONE: Readonly<Record<SuitsWord, Tone>> = {
  suits: 'good',
  nearly: 'lookOut',
  misses: 'bad',
  unknown: 'plain',
};

interface SaddlePanelProps {
  readonly leg: Leg;
  readonly chosen: LegChosen;
  readonly place: LegOnHorse;
  readonly heel: PlumbParts;
}

/** Seat and flap of this saddle against what this rider needs, judged with the error of both. */
export function SaddlePanel({ leg, chosen: { saddle }, place, heel }: SaddlePanelProps) {
  const size = seatSize(leg.body.buttockToKneeHollow.mm, leg.body.hipBreadth.mm);
  const rows = saddle === null ? [] : suitsRows(leg.body, saddle.seat, place, heel, leg.error);
  return (
    <Panel title={LEG_PHRASES.flapTitle}>
      <HeldBanner id={saddle?.id ?? null} />
      <Body>
        {size.beyond ? LEG_PHRASES.seatBeyond(size.exactMm, size.sizeMm) : LEG_PHRASES.seatSize(size.sizeMm, ...size.neighboursMm)}
      </Body>
      {rows.map((row) => {
        const share = row.id === 'leatherOnFlap';
        return (
          <YStack key={row.id} borderTopWidth={1} borderColor="$rule" paddingVertical="$xs">
            <XStack gap="$s">
              <Body flex={1}>
                {MARK[SUITS_TONE[row.word]]} {LEG_PHRASES.criterion(row.id)}
              </Body>
              <Strong>{LEG_PHRASES.has(row.has, share)}</Strong>
            </XStack>
            <Small>
              {LEG_PHRASES.between(row.least, row.most, share)}: {LEG_PHRASES.suits(row.word)}
            </Small>
          </YStack>
        );
      })}
      {saddle !== null && rows.some((r) => r.word === 'unknown') ? (
        <Button kind="quiet" label={LEG_PHRASES.describeSaddle} onPress={() => router.push(`/saddles/${saddle.id}`)} />
      ) : null}
    </Panel>
  );
}
