import { router, usePathname } from 'expo-router';
import { XStack, YStack } from 'tamagui';
import { useSession } from '../platform/session-context';
import { useTapeUnit } from '../platform/use-tape-unit';
import { Button } from '../ui/button';
import { Body, Small } from '../ui/text';
import { LeaveDevice } from '../saving/leave-device';
import { UnitChoice } from '../ui/unit-choice';
import { RAIL_PHRASES } from '../words/rail-phrases';
import { PLACES, placeAt, placeName } from './places';
import { usePlaceStates } from './use-place-states';

/** All places, each a line of words with what is true there now; who is here stands at the end. */
export function PlacesList({ onLeave, onGone }: { readonly onLeave: () => void; readonly onGone?: () => void }) {
  const { session } = useSession();
  const here = placeAt(usePathname());
  const states = usePlaceStates();
  const [unit, setUnit] = useTapeUnit();
  const go = (path: string) => () => {
    router.push(path);
    onGone?.();
  };
  return (
    <YStack role="navigation" aria-label={RAIL_PHRASES.places}>
      {PLACES.map(({ id, path }) => (
        <YStack key={id} borderLeftWidth={4} borderColor={id === here ? '$action' : 'transparent'}>
          <Button kind="quiet" tight label={placeName(id)} pressed={id === here} onPress={go(path)}>
            <XStack flex={1} justifyContent="space-between" alignItems="baseline" gap="$s" flexWrap="wrap">
              <Body fontWeight={id === here ? '700' : '400'} color={id === here ? '$action' : '$ink'}>
                {placeName(id)}
              </Body>
              <Small>{states[id] ?? ''}</Small>
            </XStack>
          </Button>
        </YStack>
      ))}
      <YStack borderTopWidth={1} borderColor="$rule" marginTop="$m" paddingTop="$s" paddingHorizontal="$m">
        <Small>{RAIL_PHRASES.signedInAs(session.person.name, session.practice.name)}</Small>
        <UnitChoice unit={unit} onChange={setUnit} />
        <LeaveDevice onAsk={onLeave} onGone={onGone} />
      </YStack>
    </YStack>
  );
}
