import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { type SaddleSetup, type SitAsked } from '@fulcra/core';
import { XStack } from 'tamagui';
import { Button } from '../../ui/button';
import { Body } from '../../ui/text';
import { useToast } from '../../ui/toast';
import { type SitRunner } from '../../engine/sit-runner';

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

interface FlockToolProps {
  readonly runner: SitRunner;
  readonly asked: SitAsked;
  readonly onTake: (setup: SaddleSetup) => void;
}

export function FlockTool({ runner, asked, onTake }: FlockToolProps) {
  const toast = useToast();
  const even = () =>
    runner.ask('flock', asked, (answered) => {
      if (!answered.ok) toast({ text: FIT_ROOM_PHRASES.itStopped(answered.message) });
      else if (JSON.stringify(answered.answer) === JSON.stringify(asked.setup.flock)) toast({ text: FIT_ROOM_PHRASES.theFillingIs });
      else onTake({ ...asked.setup, flock: answered.answer });
    });
  return <Tool label={FIT_ROOM_PHRASES.evenTheFilling} off={asked.saddle.build.panel.flock.stepMm <= 0} onPress={even} />;
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
