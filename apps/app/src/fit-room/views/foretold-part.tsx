import { type Ridden, type SitVerdict, complaintsOf, foretoldAnswers, COMPLAINT_RULES } from '@fulcra/core';
import { YStack } from 'tamagui';
import { type LoadedVisit } from '../../visit';
import { Body, Heading, Small } from '../../ui/text';
import { foretoldLine, foretoldTitle } from '../../words/foretold-words';
import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';

export interface ForetoldPartProps {
  readonly loaded: LoadedVisit;
  readonly verdict: SitVerdict;
  /** Null while this setting wasn't ridden. */
  readonly ridden: Ridden | null;
}

/** What the horse's shape foretells, met with the saddle that lies there; what was complained of is answered above. */
export function ForetoldPart({ loaded: { page, measured }, verdict, ridden }: ForetoldPartProps) {
  const answered = complaintsOf(page.facts).map(({ complaint, side }) => COMPLAINT_RULES[complaint].fault(side));
  const forecasts = measured.forecast.filter((f) => !answered.includes(f.fault));
  if (forecasts.length === 0) return null;
  return (
    <YStack gap="$s" borderTopWidth={1} borderColor="$rule" paddingTop="$s">
      <Heading>{FIT_ROOM_PHRASES.whatShapeForetells}</Heading>
      {foretoldAnswers(forecasts, { verdict, ridden }).map((answer) => (
        <YStack key={answer.forecast.fault}>
          <Body>{foretoldTitle(answer.forecast)}</Body>
          <Small>{foretoldLine(answer)}</Small>
        </YStack>
      ))}
    </YStack>
  );
}
