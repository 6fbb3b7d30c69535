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
          ? `${MARK.bad} Held: ${hold.reasons.map(holdReasonWords).join('; ')}. A veterinary surgeon first.`
          : `${MARK.lookOut} Hold cleared by ${last?.by}: ${last?.reason}`}
      </Body>
      <Button
        kind="quiet"
        label={held ? 'Look at the hold' : 'Look at what was found'}
        onPress={() => router.navigate(`/visits/${visitId}/feel`)}
      >
        <Body fontWeight="700" textDecorationLine="underline">
          Look
        </Body>
      </Button>
    </XStack>
  );
}
