import { RIDDEN_GAITS, type RiddenGait, type RecordedFact, factsOfKind } from '@fulcra/core';
import { XStack, YStack } from 'tamagui';
import { Strong } from '../ui/text';
import { ToggleChip } from '../ui/toggle-chip';
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
      <XStack gap="$s" flexWrap="wrap" role="group" aria-label={VISIT_PHRASES.riddenIn}>
        {RIDDEN_GAITS.map((gait) => (
          <ToggleChip
            key={gait}
            label={RIDDEN_GAIT_WORDS[gait]}
            on={gaits.includes(gait)}
            onPress={() => void note({ kind: 'ridden', gaits: toggled(gait), seen: last?.seen ?? '' })}
          />
        ))}
      </XStack>
    </YStack>
  );
}
