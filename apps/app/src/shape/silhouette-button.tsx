import { type TraitId, type TraitValue } from '@fulcra/core';
import { YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Small } from '../ui/text';
import { TRAIT_VALUE_WORDS, TRAIT_WORDS } from '../words/shape-words';
import { TraitOnHorse } from './trait-on-horse';

export interface SilhouetteButtonProps {
  readonly trait: TraitId;
  readonly value: TraitValue;
  readonly chosen: boolean;
  readonly onPress: () => void;
}

/** One way a horse may be built, drawn and named. */
export function SilhouetteButton({ trait, value, chosen, onPress }: SilhouetteButtonProps) {
  return (
    <Button kind="quiet" tight label={`${TRAIT_WORDS[trait]}: ${TRAIT_VALUE_WORDS[value]}`} pressed={chosen} onPress={onPress}>
      <YStack alignItems="center" borderBottomWidth={3} borderColor={chosen ? '$action' : 'transparent'} paddingVertical="$xs">
        <TraitOnHorse trait={trait} value={value} chosen={chosen} />
        <Small color={chosen ? '$action' : '$ink'} fontWeight={chosen ? '700' : '400'}>
          {chosen ? '✓ ' : ''}
          {TRAIT_VALUE_WORDS[value]}
        </Small>
      </YStack>
    </Button>
  );
}
