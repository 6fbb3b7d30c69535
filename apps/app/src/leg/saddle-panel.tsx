import { type HangError, type LegOnHorse, type Plumb, type SaddleSeat, seatSize, suitsOverall, suitsRider } from '@fulcra/core';
import { router } from 'expo-router';
import { XStack, YStack } from 'tamagui';
import { Banner, MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { Body, Small, Strong } from '../ui/text';
import { LEG_PHRASES } from '../words/leg-phrases';
import { type Tone } from '../words/tone';
import { Panel } from './panel';
import { type Leg, type LegChosen } from './use-leg';

export const SUITS_TONE: Readonly<Record<ReturnType<typeof suitsOverall>, Tone>> = {
  suits: 'good',
  nearly: 'lookOut',
  misses: 'bad',
  unknown: 'plain',
};

/** A saddle's rows for one rider, from the leg as it hangs on it. */
export const suitsRows = ({ body }: Pick<Leg, 'body'>, seat: SaddleSeat, place: LegOnHorse, plumb: Plumb, error: HangError) =>
  suitsRider({
    seat,
    place,
    plumb,
    barZMm: place.hangs.bar.zMm,
    shankMm: body.kneeToSole.mm - body.ankleHeight.mm,
    size: seatSize(body.buttockToKneeHollow.mm, body.hipBreadth.mm),
    kneeSdMm: error.sdMm,
  });

interface SaddlePanelProps {
  readonly leg: Leg;
  readonly chosen: LegChosen;
  readonly place: LegOnHorse;
  readonly plumb: Plumb;
}

/** Seat and flap of this saddle against what this rider needs, judged with the error of both. */
export function SaddlePanel({ leg, chosen: { saddle }, place, plumb }: SaddlePanelProps) {
  const size = seatSize(leg.body.buttockToKneeHollow.mm, leg.body.hipBreadth.mm);
  const rows = saddle === null ? [] : suitsRows(leg, saddle.seat, place, plumb, leg.error);
  return (
    <Panel title={LEG_PHRASES.flapTitle}>
      {saddle?.state === 'unsafe' ? <Banner tone="bad">{LEG_PHRASES.unsafeSaddle}</Banner> : null}
      <Body>{LEG_PHRASES.seatSize(size.sizeMm, ...size.neighboursMm)}</Body>
      {size.beyond ? <Small>{LEG_PHRASES.seatBeyond}</Small> : null}
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
