import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { type NeighbourOf, type SitPicture } from '@fulcra/core';
import { XStack, YStack } from 'tamagui';
import { MARK } from '../../ui/banner';
import { Body, Small, Verdict } from '../../ui/text';
import { chainSentence } from '../../words/chain-words';
import { comparedWords } from '../../words/compared-words';
import { remedyLines } from '../../words/remedy-words';
import { reasonWithin, sitHeadline, verdictTone } from '../../words/sit-words';

export interface VerdictBlockProps {
  readonly picture: SitPicture;
  readonly neighbours: readonly NeighbourOf[] | null;
  readonly compared: boolean;
}

/** The verdict in one sentence, what helps, the chain of faults, and what the next widths would do. */
export function VerdictBlock({ picture, neighbours, compared }: VerdictBlockProps) {
  const verdict = picture.verdicts[0]!;
  const tone = verdictTone(verdict);
  const worst = verdict.worst[0];
  return (
    <YStack gap="$xs" role="status" aria-live="polite">
      {compared ? <Small fontWeight="700">{FIT_ROOM_PHRASES.heldAgainstThis}</Small> : null}
      <XStack gap="$s" alignItems="baseline">
        <Verdict color={`$${tone}`} aria-hidden>
          {MARK[tone]}
        </Verdict>
        <Verdict flex={1}>{sitHeadline(verdict)}</Verdict>
      </XStack>
      {worst === undefined ? null : remedyLines(worst, picture.asked, neighbours).map((line) => <Body key={line}>{line}</Body>)}
      {verdict.chains.slice(0, 2).map((chain) => (
        <Body key={chain.id}>{chainSentence(chain)}</Body>
      ))}
      <Small minHeight={WIDTHS_PX}>
        {neighbours === null ? FIT_ROOM_PHRASES.tryingOneWidth : widthsBeside(picture.asked.saddle, neighbours)}
      </Small>
    </YStack>
  );
}

/** Room for what the widths beside it would do, kept free so that nothing below moves under the thumb. */
const WIDTHS_PX = 64;

/** A width is only known against the next one. */
function widthsBeside(saddle: SitPicture['asked']['saddle'], neighbours: readonly NeighbourOf[]): string {
  const told = (direction: -1 | 1, name: string): string => {
    const found = neighbours.find((n) => n.axis === 'width' && n.direction === direction);
    if (found === undefined) return FIT_ROOM_PHRASES.thereIsNothing(name);
    const label = saddle.front.settings[found.assessed.setup.width]?.label ?? '';
    const compared = found.compared === null ? '' : `${comparedWords(found.compared)} `;
    return FIT_ROOM_PHRASES.next(name, label, compared, reasonWithin(found.assessed.resting));
  };
  return `${told(-1, 'narrower')} ${told(1, 'wider')}`;
}
