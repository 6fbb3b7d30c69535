import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { XStack } from 'tamagui';
import { Button } from '../../ui/button';
import { Body } from '../../ui/text';

export const Tools = ({ children }: { readonly children: React.ReactNode }) => (
  <XStack role="group" aria-label={FIT_ROOM_PHRASES.whatCanBe} flexWrap="wrap" columnGap="$s">
    {children}
  </XStack>
);

/** A quiet action of the room: underlined text, still a thumb high. */
export function Tool({ label, off = false, onPress }: { readonly label: string; readonly off?: boolean; readonly onPress: () => void }) {
  return (
    <Button kind="quiet" tight label={label} off={off} onPress={onPress}>
      <Body fontWeight="700" color="$action" textDecorationLine="underline">
        {label}
      </Body>
    </Button>
  );
}

/** Press and hold shows what was held; released, it shows what is on now. */
export function HoldToCompare({
  has,
  onPin,
  onHold,
}: {
  readonly has: boolean;
  readonly onPin: () => void;
  readonly onHold: (held: boolean) => void;
}) {
  if (!has) return <Button tight label={FIT_ROOM_PHRASES.holdAgainst} onPress={onPin} />;
  return (
    <div
      onPointerDown={() => onHold(true)}
      onPointerUp={() => onHold(false)}
      onPointerLeave={() => onHold(false)}
      onKeyDown={(e) => (e.key === ' ' || e.key === 'Enter') && onHold(true)}
      onKeyUp={() => onHold(false)}
      style={{ touchAction: 'none', userSelect: 'none' }}
    >
      <Button tight label={FIT_ROOM_PHRASES.compare} onPress={() => undefined} />
    </div>
  );
}
