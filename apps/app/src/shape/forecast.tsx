import { SHAPE_PHRASES } from '../words/shape-phrases';
import { type FaultForecast, type FaultReason } from '@fulcra/core';
import { YStack } from 'tamagui';
import { MARK } from '../ui/banner';
import { Body, Heading, Small, Verdict } from '../ui/text';
import { FAULT_WORDS, REMEDY_WORDS, TRAIT_VALUE_WORDS, TRAIT_WORDS, sourceWords } from '../words/shape-words';

const LIKELY = {
  leans: ['plain', SHAPE_PHRASES.leansThatWay],
  likely: ['lookOut', 'likely'],
  strong: ['bad', SHAPE_PHRASES.veryLikely],
} as const;

/** Which way a saddle will want to go on this horse, with every reason traced to what it came from. */
export function Forecast({ forecast }: { readonly forecast: readonly FaultForecast[] }) {
  return (
    <YStack gap="$m">
      <Heading>{SHAPE_PHRASES.whatASaddle}</Heading>
      {forecast.length === 0 ? <Body color="$muted">{SHAPE_PHRASES.nothingStandsOut}</Body> : null}
      {forecast.map((f) => {
        const [tone, word] = LIKELY[f.likelihood];
        return (
          <YStack key={f.fault} borderTopWidth={1} borderColor="$rule" paddingTop="$s" gap="$xs">
            <Verdict>{FAULT_WORDS[f.fault]}</Verdict>
            <Body color={tone === 'plain' ? '$muted' : `$${tone}`}>
              {MARK[tone]} {word}
            </Body>
            {f.for.map((r) => (
              <Small key={r.ruleId}>+ {reasonWords(r)}</Small>
            ))}
            {f.against.map((r) => (
              <Small key={r.ruleId}>− {reasonWords(r)}</Small>
            ))}
            <Body>{SHAPE_PHRASES.tryLater(f.remedies.map((r) => REMEDY_WORDS[r]).join(', '))}</Body>
          </YStack>
        );
      })}
      <Small>{SHAPE_PHRASES.aForecastFrom}</Small>
    </YStack>
  );
}

const reasonWords = (reason: FaultReason): string =>
  reason.traits.map((t) => `${TRAIT_WORDS[t.trait].toLowerCase()} ${TRAIT_VALUE_WORDS[t.value]} (${sourceWords(t.source)})`).join(' and ');
