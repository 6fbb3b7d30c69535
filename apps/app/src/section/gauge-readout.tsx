import { SECTION_PHRASES } from '../words/section-phrases';
import { type Section, type WithersShape, widthGauges } from '@fulcra/core';
import { useMemo } from 'react';
import { YStack } from 'tamagui';
import { Small, Strong } from '../ui/text';
import { degWords } from '../words/measure-words';
import { GAUGE_WORDS, TRUST_WORDS } from '../words/gauge-words';

/** Both named width gauges of a section, and which of them is to be believed. */
export function GaugeReadout({ section, withers }: { readonly section: Section | null; readonly withers: WithersShape | null }) {
  const gauges = useMemo(() => (section === null ? null : widthGauges(section, withers)), [section, withers]);
  if (gauges === null) return null;
  return (
    <YStack gap="$xs">
      {gauges.readings.map((g) => (
        <Small key={g.id} fontWeight={g.id === gauges.trusted ? '700' : '400'}>
          {SECTION_PHRASES.andMmAnd(
            GAUGE_WORDS[g.id],
            g.depthsMm[0],
            g.depthsMm[1],
            Math.round(g.nearMm[0] + g.offMm[0]),
            Math.round(g.nearMm[1] + g.offMm[1]),
            degWords(g.includedAngleDeg),
          )}
        </Small>
      ))}
      <Strong>{TRUST_WORDS[gauges.because]}</Strong>
    </YStack>
  );
}
