import { type ComplaintAnswer, type Ridden, type SitVerdict, complaintAnswer, factsOfKind } from '@fulcra/core';
import { YStack } from 'tamagui';
import { type LoadedVisit } from '../../visit';
import { Body, Heading, Small, Strong } from '../../ui/text';
import { complaintHeadline, complaintParagraph, firstLines } from '../../words/complaint-words';
import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';

export interface ComplaintsPartProps {
  readonly loaded: LoadedVisit;
  readonly verdict: SitVerdict;
  /** Null while this setting wasn't ridden. */
  readonly ridden: Ridden | null;
}

/** What the owner came with, answered by the saddle that lies there; nothing where nobody complained. */
export function ComplaintsPart({ loaded: { page, measured }, verdict, ridden }: ComplaintsPartProps) {
  const complaints = factsOfKind(page.facts, 'complaint');
  if (complaints.length === 0) return null;
  return (
    <YStack gap="$s" borderTopWidth={1} borderColor="$rule" paddingTop="$s">
      <Heading>{FIT_ROOM_PHRASES.whatWasComplained}</Heading>
      {complaints.map(({ id, complaint, side }) => (
        <Answer key={id} answer={complaintAnswer({ complaint, side, verdict, ridden, forecasts: measured.forecast })} />
      ))}
    </YStack>
  );
}

function Answer({ answer }: { readonly answer: ComplaintAnswer }) {
  return (
    <YStack gap="$xs">
      <Strong>{complaintHeadline(answer)}</Strong>
      <Body>{complaintParagraph(answer)}</Body>
      {firstLines(answer).map((line, i) => (
        <Small key={line}>{i === 0 ? FIT_ROOM_PHRASES.first(line) : line}</Small>
      ))}
    </YStack>
  );
}
