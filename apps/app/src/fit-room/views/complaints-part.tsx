import {
  type ComplaintAnswer,
  type NeighbourOf,
  type Ridden,
  type SitAsked,
  type SitVerdict,
  complaintAnswer,
  complaintsOf,
} from '@fulcra/core';
import { XStack, YStack } from 'tamagui';
import { type LoadedVisit } from '../../visit';
import { Button } from '../../ui/button';
import { Body, Heading, Small, Strong } from '../../ui/text';
import { complaintHeadline, complaintParagraph, firstLines } from '../../words/complaint-words';
import { remedyLines } from '../../words/remedy-words';
import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { WeighedLine } from './weighed-line';

export interface ComplaintsPartProps {
  readonly loaded: LoadedVisit;
  readonly verdict: SitVerdict;
  /** What lies there, and what one step of anything would do; null while that is tried. */
  readonly asked: SitAsked;
  readonly neighbours: readonly NeighbourOf[] | null;
  /** Null while this setting wasn't ridden. */
  readonly ridden: Ridden | null;
}

/** What the owner came with, answered by the saddle that lies there; nothing where nobody complained. */
export function ComplaintsPart({ loaded: { page, measured, note, school }, verdict, asked, neighbours, ridden }: ComplaintsPartProps) {
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
            lines={firstLines(answer, (row) => remedyLines(row, asked, neighbours))}
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
  /** What to do, first thing first. */
  readonly lines: readonly string[];
  /** The report says so. */
  readonly said: boolean;
  readonly onSay: () => void;
}

function Answer({ answer, lines, said, onSay }: AnswerProps) {
  return (
    <YStack gap="$xs">
      <Strong>{complaintHeadline(answer)}</Strong>
      <Body>{complaintParagraph(answer)}</Body>
      {lines.map((line, i) => (
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
