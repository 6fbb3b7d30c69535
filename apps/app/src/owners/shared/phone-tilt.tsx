import { YStack } from 'tamagui';
import { usePhoneTilt } from '../../platform/phone-tilt';
import { Button } from '../../ui/button';
import { Small } from '../../ui/text';
import { OWNER_PHRASES } from '../../words/owner-phrases';

const UPRIGHT_DEG = 2;

/** Whether the phone was held upright, as it tells itself. */
export function PhoneTilt({ tiltDeg, onTilt }: { readonly tiltDeg: number | null; readonly onTilt: (deg: number) => void }) {
  const { read, none } = usePhoneTilt(onTilt);
  return (
    <YStack gap="$xs">
      <Small>{OWNER_PHRASES.homeTilt}</Small>
      <Button kind="quiet" label={OWNER_PHRASES.tiltTake} onPress={read} />
      {none ? <Small>{OWNER_PHRASES.tiltNone}</Small> : null}
      {tiltDeg === null ? null : (
        <Small color={Math.abs(tiltDeg) > UPRIGHT_DEG ? '$lookOut' : '$good'}>
          {Math.abs(tiltDeg) > UPRIGHT_DEG ? OWNER_PHRASES.tiltRead(tiltDeg) : OWNER_PHRASES.tiltStraight}
        </Small>
      )}
    </YStack>
  );
}
