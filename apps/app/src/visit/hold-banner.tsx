import { VISIT_PHRASES } from '../words/visit-phrases';
import { type SoreHold } from '@fulcra/core';
import { router } from 'expo-router';
import { XStack } from 'tamagui';
import { MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { Body } from '../ui/text';
import { holdReasonWords } from '../words/feel-words';

/** Stands on every screen of a visit while something sore holds it. */
export function HoldBanner({ visitId, hold }: { readonly visitId: string; readonly hold: SoreHold }) {
  if (hold.state === 'clear') return null;
  const held = hold.state === 'held';
  const last = hold.clearances.at(-1);
  return (
    <XStack
      role={held ? 'alert' : 'status'}
      backgroundColor="$sheet"
      borderLeftWidth={6}
      borderColor={held ? '$bad' : '$lookOut'}
      paddingHorizontal="$m"
      alignItems="center"
      gap="$s"
    >
      <Body flex={1} color={held ? '$bad' : '$ink'}>
        {held
          ? VISIT_PHRASES.heldAVeterinary(MARK.bad, hold.reasons.map(holdReasonWords).join('; '))
          : last === undefined
            ? ''
            : VISIT_PHRASES.holdCleared(MARK.lookOut, last.by, last.reason)}
      </Body>
      <Button
        kind="quiet"
        label={held ? VISIT_PHRASES.lookAtThe : VISIT_PHRASES.lookAtWhat}
        onPress={() => router.navigate(`/visits/${visitId}/feel`)}
      >
        <Body fontWeight="700" textDecorationLine="underline">
          {VISIT_PHRASES.look}
        </Body>
      </Button>
    </XStack>
  );
}
