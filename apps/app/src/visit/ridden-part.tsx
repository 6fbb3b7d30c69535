import { RIDDEN_GAITS, type RiddenGait, type RecordedFact, factsOfKind } from '@fulcra/core';
import { YStack } from 'tamagui';
import { ChipGroup } from '../ui/chip-group';
import { Strong } from '../ui/text';
import { RIDDEN_GAIT_WORDS } from '../words/ride-words';
import { VISIT_PHRASES } from '../words/visit-phrases';
import { type LoadedVisit } from './use-visit-page';

export interface RiddenPartProps {
  readonly facts: readonly RecordedFact[];
  readonly note: LoadedVisit['note'];
}

/** In which gaits it was ridden and watched before it goes home: a tap a gait. */
export function RiddenPart({ facts, note }: RiddenPartProps) {
  const last = factsOfKind(facts, 'ridden').at(-1);
  const gaits = last?.gaits ?? [];
  const toggled = (gait: RiddenGait) => RIDDEN_GAITS.filter((g) => (g === gait) !== gaits.includes(g));
  return (
    <YStack gap="$xs">
      <Strong>{VISIT_PHRASES.riddenIn}</Strong>
      <ChipGroup
        label={VISIT_PHRASES.riddenIn}
        gap="$s"
        options={RIDDEN_GAITS}
        words={RIDDEN_GAIT_WORDS}
        on={gaits}
        onPress={(gait) => void note({ kind: 'ridden', gaits: toggled(gait), seen: last?.seen ?? '' })}
      />
    </YStack>
  );
}
