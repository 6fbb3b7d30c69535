import { FRONT_PHRASES } from '../words/front-phrases';
import { FINGER_LIMITS_MM } from '@fulcra/core';
import { XStack, YStack } from 'tamagui';
import { useSession } from '../platform/session-context';
import { useSend } from '../platform/use-send';
import { usePracticeSettings } from '../platform/use-views';
import { Stepper } from '../ui/stepper';
import { Small } from '../ui/text';

/** How wide a finger counts in this practice: hands differ, and room is felt in fingers. The rules stay in mm. */
export function FingerWidth() {
  const { session } = useSession();
  const send = useSend();
  const was = usePracticeSettings();
  const put = (mm: number) => {
    const fingerMm = Math.min(FINGER_LIMITS_MM.most, Math.max(FINGER_LIMITS_MM.least, mm));
    if (fingerMm !== was.fingerMm)
      void send({ kind: 'practiceSettings', practiceId: session.practice.id, body: { ...was, fingerMm, was } });
  };
  return (
    <YStack gap="$xs">
      <Small>{FRONT_PHRASES.aFingerCounts}</Small>
      <XStack>
        <Stepper label={FRONT_PHRASES.oneFingerMm} unit="mm" value={was.fingerMm} step={1} decimals={0} onChange={put} />
      </XStack>
    </YStack>
  );
}
