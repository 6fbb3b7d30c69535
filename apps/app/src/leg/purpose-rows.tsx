import { type Leather } from '@fulcra/contract';
import { type PurposePlan } from '@fulcra/core';
import { Pressable } from 'react-native';
import { XStack, YStack } from 'tamagui';
import { MARK } from '../ui/banner';
import { Body, Small, Strong } from '../ui/text';
import { LEG_PHRASES } from '../words/leg-phrases';
import { degWords, mmWords } from '../words/measure-words';
import { problemWords } from '../words/problem-words';
import { PURPOSE_WORDS } from '../words/riders-phrases';
import { HoleDots } from './hole-dots';
import { type Leg, type LegChosen } from './use-leg';

/** Every purpose beside the others: length, holes near and off, knee. */
export function PurposeRows({ leg, chosen }: { readonly leg: Leg; readonly chosen: LegChosen }) {
  return (
    <YStack role="group" aria-label={LEG_PHRASES.purposes}>
      {leg.plans.map((plan) => (
        <PurposeRow
          key={plan.purpose}
          plan={plan}
          leather={chosen.pair === null ? null : chosen.leather}
          first={leg.plans[0]!}
          here={plan === leg.plan}
          onPress={() => chosen.pick({ purpose: plan.purpose })}
        />
      ))}
    </YStack>
  );
}

interface PurposeRowProps {
  readonly plan: PurposePlan;
  readonly leather: Leather | null;
  readonly first: PurposePlan;
  readonly here: boolean;
  readonly onPress: () => void;
}

const DOTS_PX = 118;

function PurposeRow({ plan, leather, first, here, onPress }: PurposeRowProps) {
  const { place, holes, fromFirst, purpose } = plan;
  const name = PURPOSE_WORDS[purpose];
  const label = place.ok
    ? LEG_PHRASES.holesRow(name, Math.round(place.value.hangMm), Math.round(place.value.kneeDeg))
    : LEG_PHRASES.headlineCannot(name);
  return (
    <Pressable role="button" aria-label={label} aria-pressed={here} onPress={onPress}>
      <YStack
        borderTopWidth={1}
        borderColor="$rule"
        borderLeftWidth={4}
        borderLeftColor={here ? '$action' : 'transparent'}
        backgroundColor={here ? '$sheet' : 'transparent'}
        paddingVertical="$s"
        paddingHorizontal="$s"
      >
        <XStack alignItems="center" gap="$s">
          <Body flex={1} textAlign="left" fontWeight={here ? '700' : '400'}>
            {name}
          </Body>
          {place.ok ? <Strong>{mmWords(place.value.hangMm)}</Strong> : null}
          {holes === null || leather === null ? null : <HoleDots count={leather.holes} holes={holes.holes} widthPx={DOTS_PX} />}
          {place.ok ? <Small>{degWords(place.value.kneeDeg)}</Small> : null}
        </XStack>
        {place.ok
          ? null
          : place.problems.map((p) => (
              <Small key={p.code} textAlign="left">
                {problemWords(p)}
              </Small>
            ))}
        {fromFirst === null || plan === first ? null : (
          <Small textAlign="left">{LEG_PHRASES.fromFirst(fromFirst, PURPOSE_WORDS[first.purpose])}</Small>
        )}
        {plan.warnings.map((w) => (
          <Small key={w.code} color="$lookOut" textAlign="left">
            {MARK.lookOut} {LEG_PHRASES.warning(w)}
          </Small>
        ))}
      </YStack>
    </Pressable>
  );
}
