import { usePathname } from 'expo-router';
import { useState } from 'react';
import { ScrollView, XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Sheet } from '../ui/sheet';
import { Body, Small } from '../ui/text';
import { RAIL_PHRASES } from '../words/rail-phrases';
import { placeAt, placeName } from './places';
import { PlacesList } from './places-list';

/** At the foot of every screen, in the thumb's reach: where one is; it pulls up into the list of all places. */
export function RailStrip() {
  const [open, setOpen] = useState(false);
  const here = placeName(placeAt(usePathname()));
  return (
    <YStack className="not-on-paper" borderTopWidth={1} borderColor="$rule" backgroundColor="$sheet">
      <Button kind="quiet" low tight label={RAIL_PHRASES.goElsewhere(here)} onPress={() => setOpen(true)}>
        <XStack flex={1} justifyContent="space-between" alignItems="center" paddingHorizontal="$s">
          <Body fontWeight="700">{here}</Body>
          <Small>{RAIL_PHRASES.elsewhere} ▴</Small>
        </XStack>
      </Button>
      <Sheet title={RAIL_PHRASES.whereTo} open={open} onClose={() => setOpen(false)}>
        <PlacesList onGone={() => setOpen(false)} />
      </Sheet>
    </YStack>
  );
}

const LIST_PX = 232;

/** At the bench the list stands at the left, always open. */
export const RailList = () => (
  <YStack className="not-on-paper" width={LIST_PX} borderRightWidth={1} borderColor="$rule" backgroundColor="$sheet">
    <ScrollView flex={1}>
      <YStack paddingVertical="$l" paddingRight="$s">
        <PlacesList />
      </YStack>
    </ScrollView>
  </YStack>
);
