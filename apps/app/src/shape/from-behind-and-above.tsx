import { type Trait } from '@fulcra/core';
import { useMemo } from 'react';
import { XStack } from 'tamagui';
import { type PlanBox, planSize } from '../drawings/horse/above';
import { aboveOfHorse, behindOfHorse } from '../drawings/horse/form-of-build';
import { HorseBehind } from '../drawings/horse/horse-behind';
import { HorsePlan } from '../drawings/horse/horse-plan';
import { InBox } from '../drawings/horse/in-box';
import { WHOLE_BEHIND } from '../drawings/horse/paths';
import { SHAPE_PHRASES } from '../words/shape-phrases';

const ABOVE: PlanBox = { from: -28, to: 112, out: 26 };

export interface FromBehindAndAboveProps {
  readonly traits: readonly Trait[];
  readonly name: string;
  readonly heightPx: number;
}

/** The same horse from behind and from above, near on the left in both: what one side has and the other hasn't. */
export function FromBehindAndAbove({ traits, name, heightPx }: FromBehindAndAboveProps) {
  const [behind, above] = useMemo(() => [behindOfHorse(traits), aboveOfHorse(traits)] as const, [traits]);
  const { out, top, bottom } = WHOLE_BEHIND;
  const plan = planSize(ABOVE);
  return (
    <XStack gap="$l" justifyContent="center">
      <InBox width={2 * out} height={top - bottom} heightPx={heightPx} label={SHAPE_PHRASES.fromBehind(name)}>
        <HorseBehind box={WHOLE_BEHIND} form={behind} />
      </InBox>
      <InBox width={plan.width} height={plan.height} heightPx={heightPx} label={SHAPE_PHRASES.fromAbove(name)}>
        <HorsePlan box={ABOVE} form={above} strokeWidth={0.8} />
      </InBox>
    </XStack>
  );
}
