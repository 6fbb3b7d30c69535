import { type ComplaintAnswer, type Ridden, type SitVerdict, complaintAnswer, complaintsOf } from '@fulcra/core';
import { XStack, YStack } from 'tamagui';
import { type LoadedVisit } from '../../visit';
import { Button } from '../../ui/button';
import { Body, Heading, Small, Strong } from '../../ui/text';
import { complaintHeadline, complaintParagraph, firstLines } from '../../words/complaint-words';
import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';

import { WeighedLine } from './weighed-line';

export interface ComplaintsPartProps {
  readonly loaded: LoadedVisit;
  readonly verdict: SitVerdict;
  /** Null while this setting wasn't ridden. */
  readonly ridden: Ridden | null;
}

/** What the owner came with, answered by the saddle that lies there; nothing where nobody complained. */
export function ComplaintsPart({ loaded: { page, measured, note, school }, verdict, ridden }: ComplaintsPartProps) {
  const complaints = complaintsOf(page.facts);
  if (complaints.length === 0) return null;
  return (
    <YStack gap="$s" borderTopWidth={1} borderColor="$rule" paddingTop="$s">
      <Heading>{FIT_ROOM_PHRASES.whatWasComplained}</Heading>
      <WeighedLine school={school} />
      {complaints.map(({ id, complaint, side, answer: said }) => {
        const answer = complaintAnswer({ complaint, side, verdict, ridden, forecasts: measured.forecast });
        return (
          <Answer
            key={id}
            answer={answer}
            said={said === answer.state}
            onSay={() => void note({ kind: 'complaintAnswered', complaint, answer: answer.state }, FIT_ROOM_PHRASES.answerSaved)}
          />
        );
      })}
    </YStack>
  );
}

interface AnswerProps {
  readonly answer: ComplaintAnswer;
  /** The report says so. */
  readonly said: boolean;
  readonly onSay: () => void;
}

function Answer({ answer, said, onSay }: AnswerProps) {
  return (
    <YStack gap="$xs">
      <Strong>{complaintHeadline(answer)}</Strong>
      <Body>{complaintParagraph(answer)}</Body>
      {firstLines(answer).map((line, i) => (
        <Small key={line}>{i === 0 ? FIT_ROOM_PHRASES.first(line) : line}</Small>
      ))}
      {said ? (
        <Small>{FIT_ROOM_PHRASES.answerInReport}</Small>
      ) : (
        <XStack>
          <Button kind="quiet" tight label={FIT_ROOM_PHRASES.putInReport} onPress={onSay} />
        </XStack>
      )}
    </YStack>
  );
}
