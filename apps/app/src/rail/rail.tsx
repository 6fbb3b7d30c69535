import { usePathname } from 'expo-router';
import { type ReactNode, useMemo, useState } from 'react';
import { ScrollView, XStack, YStack } from 'tamagui';
import { LeaveSheet } from '../saving/leave-device';
import { Button } from '../ui/button';
import { ScreenRail } from '../ui/screen';
import { Sheet } from '../ui/sheet';
import { Body, Small } from '../ui/text';
import { RAIL_PHRASES } from '../words/rail-phrases';
import { placeAt, placeName } from './places';
import { PlacesList } from './places-list';

/** The way round for the screens inside; the list, once pulled up, stays while the screen under it loads or changes. */
export function WithRail({ children }: { readonly children: ReactNode }) {
  const [open, setOpen] = useState(false);
  const [leaving, setLeaving] = useState(false);
  const ways = useMemo(
    () => ({ strip: <RailStrip onOpen={() => setOpen(true)} />, list: <RailList onLeave={() => setLeaving(true)} /> }),
    [],
  );
  const leave = () => {
    setOpen(false);
    setLeaving(true);
  };
  return (
    <ScreenRail.Provider value={ways}>
      {children}
      <Sheet title={RAIL_PHRASES.whereTo} open={open} onClose={() => setOpen(false)}>
        <PlacesList onLeave={leave} onGone={() => setOpen(false)} />
      </Sheet>
      <LeaveSheet open={leaving} onClose={() => setLeaving(false)} />
    </ScreenRail.Provider>
  );
}

/** At the foot of every screen, in the thumb's reach: where one is; it pulls up into the list of all places. */
function RailStrip({ onOpen }: { readonly onOpen: () => void }) {
  const here = placeName(placeAt(usePathname()));
  return (
    <YStack className="not-on-paper" borderTopWidth={1} borderColor="$rule" backgroundColor="$sheet">
      <Button kind="quiet" low tight label={RAIL_PHRASES.goElsewhere(here)} onPress={onOpen}>
        <XStack flex={1} justifyContent="space-between" alignItems="center" paddingHorizontal="$s">
          <Body fontWeight="700">{here}</Body>
          <Small>{RAIL_PHRASES.elsewhere} ▴</Small>
        </XStack>
      </Button>
    </YStack>
  );
}

const LIST_PX = 232;

/** At the bench the list stands at the left, always open. */
const RailList = ({ onLeave }: { readonly onLeave: () => void }) => (
  <YStack className="not-on-paper" width={LIST_PX} borderRightWidth={1} borderColor="$rule" backgroundColor="$sheet">
    <ScrollView flex={1}>
      <YStack paddingVertical="$l" paddingRight="$s">
        <PlacesList onLeave={onLeave} />
      </YStack>
    </ScrollView>
  </YStack>
);
