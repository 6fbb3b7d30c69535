import { type RiderMeasuresTaken } from '@fulcra/contract';
import { type RiderMeasure, RIDER_MEASURES } from '@fulcra/core';
import { XStack, YStack } from 'tamagui';
import { useSend } from '../platform/use-send';
import { Button } from '../ui/button';
import { Body, Heading, Small } from '../ui/text';
import { dayWords, mmWords } from '../words/measure-words';
import { RIDERS_PHRASES, measureShort } from '../words/riders-phrases';
import { type KnownRider } from './use-rider';

/** What was measured when and by whom; nothing is altered, a slip is withdrawn. */
export function HistoryPart({ known: { days } }: { readonly known: KnownRider }) {
  const send = useSend();
  const withdraw = ({ id: measuresId, ...was }: RiderMeasuresTaken) =>
    void send({ kind: 'riderMeasures', measuresId, body: { ...was, withdrawn: !was.withdrawn, was } });
  return (
    <YStack gap="$s">
      <Heading>{RIDERS_PHRASES.history}</Heading>
      {days.length === 0 ? <Body color="$muted">{RIDERS_PHRASES.noHistory}</Body> : null}
      {days.map((day, i) => (
        <YStack key={day.id} borderTopWidth={1} borderColor="$rule" paddingVertical="$xs" opacity={day.withdrawn ? 0.6 : 1}>
          <XStack alignItems="center" gap="$s">
            <Body flex={1}>
              {RIDERS_PHRASES.by(dayWords(day.takenOn), day.hand)}
              {day.withdrawn ? `, ${RIDERS_PHRASES.withdrawn}` : ''}
            </Body>
            <Button
              kind="quiet"
              tight
              label={day.withdrawn ? RIDERS_PHRASES.bringBack : RIDERS_PHRASES.withdraw}
              onPress={() => withdraw(day)}
            />
          </XStack>
          <Small>{lengthsLine(day, days.slice(i + 1))}</Small>
        </YStack>
      ))}
    </YStack>
  );
}

/** Each length of a day, with what changed since it was taken before. */
function lengthsLine(day: RiderMeasuresTaken, earlier: readonly RiderMeasuresTaken[]): string {
  const before = (measure: RiderMeasure): number | undefined =>
    earlier.find((e) => !e.withdrawn && e.lengthsMm[measure] !== undefined)?.lengthsMm[measure];
  return RIDER_MEASURES.flatMap((measure) => {
    const mm = day.lengthsMm[measure];
    if (mm === undefined) return [];
    const was = before(measure);
    const change = was === undefined || was === mm ? '' : ` (${RIDERS_PHRASES.grown(mm - was)})`;
    return [`${measureShort[measure]} ${mmWords(mm)}${change}`];
  }).join(', ');
}
