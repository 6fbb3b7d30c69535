import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { type SaddleSetup, type NeighbourOf, type SitPicture, betterOf } from '@fulcra/core';
import { XStack, YStack } from 'tamagui';
import { MARK } from '../../ui/banner';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/sheet';
import { Body, Small, Strong } from '../../ui/text';
import { comparedSentence } from '../../words/compared-words';
import { AXIS_WORDS, axisValue } from '../../words/setup-words';
import { sitHeadline, verdictTone } from '../../words/sit-words';

export interface NeighboursSheetProps {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly picture: SitPicture;
  readonly neighbours: readonly NeighbourOf[] | null;
  readonly onTake: (setup: SaddleSetup) => void;
}

/** One real step either way on everything, best first: "it fits" is only known against "the next one doesn't". */
export function NeighboursSheet({ open, onClose, picture, neighbours, onTake }: NeighboursSheetProps) {
  const here = picture.verdicts[0]!;
  const sorted = [...(neighbours ?? [])].sort((a, b) => betterOf(a.assessed, b.assessed));
  return (
    <Sheet title={FIT_ROOM_PHRASES.theNeighbours} open={open} onClose={onClose}>
      <Body>{FIT_ROOM_PHRASES.nowScore(sitHeadline(here), picture.score)}</Body>
      {neighbours === null ? <Body role="status">{FIT_ROOM_PHRASES.tryingOneStep}</Body> : null}
      {sorted.map(({ axis, direction, assessed, compared }) => {
        const tone = verdictTone(assessed.resting);
        return (
          <XStack key={`${axis}${direction}`} borderTopWidth={1} borderColor="$rule" alignItems="center" gap="$s">
            <YStack flex={1} minWidth={0} paddingVertical="$s">
              <Strong>
                {AXIS_WORDS[axis]} {direction > 0 ? '+' : '−'}: {axisValue(picture.asked.saddle, assessed.setup, axis)}
              </Strong>
              <Small>
                {MARK[tone]} {sitHeadline(assessed.resting)} {compared === null ? null : comparedSentence(compared)}
              </Small>
            </YStack>
            <Button
              kind="quiet"
              label={FIT_ROOM_PHRASES.takeIt(AXIS_WORDS[axis], direction > 0 ? 'more' : 'less')}
              onPress={() => onTake(assessed.setup)}
            >
              <Body fontWeight="700" color="$action">
                {FIT_ROOM_PHRASES.takeIt2}
              </Body>
            </Button>
          </XStack>
        );
      })}
    </Sheet>
  );
}
