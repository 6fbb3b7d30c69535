import { FEEL_PHRASES } from '../words/feel-phrases';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Body, Heading, Small } from '../ui/text';
import { PLACE_WORDS, REACTION_WORDS, SIGN_WORDS, passName } from '../words/feel-words';
import { type LoadedVisit } from '../visit';

/** What was found, newest first; each can be withdrawn and stays on record as withdrawn. */
export function FoundList({ loaded: { measured, withdrawFact } }: { readonly loaded: LoadedVisit }) {
  const found = measured.feelings.filter((f) => f.reaction !== 'none' || f.signs.length > 0);
  return (
    <YStack gap="$xs">
      <Heading>{FEEL_PHRASES.found}</Heading>
      {measured.feelings.length === 0 ? <Body color="$muted">{FEEL_PHRASES.nothingFeltYet}</Body> : null}
      {measured.feelings.length > 0 && found.length === 0 ? <Body>{FEEL_PHRASES.noReactionAnd}</Body> : null}
      {[...found].reverse().map((f) => (
        <XStack key={f.id} borderTopWidth={1} borderColor="$rule" alignItems="center" gap="$s">
          <YStack flex={1} paddingVertical="$s">
            <Body>
              {f.spots.map((s) => `${s.side}, ${PLACE_WORDS[s.place]}`).join('; ')}
              {f.reaction === 'none' ? '' : `: ${REACTION_WORDS[f.reaction].toLowerCase()}`}
            </Body>
            <Small>
              {FEEL_PHRASES.pass(passName(f.pass), f.signs.length > 0 ? `; ${f.signs.map((s) => SIGN_WORDS[s]).join(', ')}` : '')}
            </Small>
          </YStack>
          <Button
            kind="quiet"
            label={FEEL_PHRASES.withdraw(f.spots.map((s) => PLACE_WORDS[s.place]).join(', '))}
            onPress={() => void withdrawFact(f.id)}
          >
            <Small textDecorationLine="underline">{FEEL_PHRASES.withdraw2}</Small>
          </Button>
        </XStack>
      ))}
    </YStack>
  );
}
