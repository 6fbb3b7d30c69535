import { type TraitId, type TraitValue } from '@fulcra/core';
import { useMemo } from 'react';
import Svg, { Path } from 'react-native-svg';
import { YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Small } from '../ui/text';
import { usePalette } from '../ui/use-palette';
import { TRAIT_VALUE_WORDS, TRAIT_WORDS } from '../words/shape-words';
import { silhouette } from '../drawings/silhouette';
import { TraitOnHorse } from './trait-on-horse';

export interface SilhouetteButtonProps {
  readonly trait: TraitId;
  readonly value: TraitValue;
  readonly chosen: boolean;
  readonly onPress: () => void;
}

/** One way a horse may be built, drawn and named. */
export function SilhouetteButton({ trait, value, chosen, onPress }: SilhouetteButtonProps) {
  const palette = usePalette();
  const drawn = useMemo(() => silhouette(trait, value), [trait, value]);
  return (
    <Button kind="quiet" tight label={`${TRAIT_WORDS[trait]}: ${TRAIT_VALUE_WORDS[value]}`} pressed={chosen} onPress={onPress}>
      <YStack alignItems="center" borderBottomWidth={3} borderColor={chosen ? '$action' : 'transparent'} paddingVertical="$xs">
        {drawn === null ? (
          <TraitOnHorse trait={trait} value={value} chosen={chosen} />
        ) : (
          <Svg width={74} height={52} viewBox="0 0 100 70" aria-hidden>
            <Path
              d={drawn.outline}
              fill={palette.horse}
              stroke={chosen ? palette.action : palette.ink}
              strokeWidth={chosen ? 3.5 : 2}
              strokeLinejoin="round"
            />
            {drawn.lines.map((d) => (
              <Path key={d} d={d} fill="none" stroke={palette.leather} strokeWidth={2} />
            ))}
          </Svg>
        )}
        <Small color={chosen ? '$action' : '$ink'} fontWeight={chosen ? '700' : '400'}>
          {chosen ? '✓ ' : ''}
          {TRAIT_VALUE_WORDS[value]}
        </Small>
      </YStack>
    </Button>
  );
}
