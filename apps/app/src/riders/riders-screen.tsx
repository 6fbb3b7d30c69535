import { type RiderFields } from '@fulcra/contract';
import { RIDER_MEASURES } from '@fulcra/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { Pressable } from 'react-native';
import { YStack } from 'tamagui';
import { v7 } from 'uuid';
import { useSend } from '../platform/use-send';
import { Button } from '../ui/button';
import { EmptyState } from '../ui/empty-state';
import { Icon } from '../ui/icons';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Sheet } from '../ui/sheet';
import { Name, Small } from '../ui/text';
import { usePalette } from '../ui/use-palette';
import { PURPOSE_WORDS, RIDERS_PHRASES } from '../words/riders-phrases';
import { RiderFieldsForm } from './rider-form';
import { type KnownRider, useKnownRiders } from './use-rider';

export function RidersScreen() {
  const { riders, problem } = useKnownRiders();
  const [adding, setAdding] = useState(false);
  const palette = usePalette();
  const send = useSend();
  if (riders === null) return <LoadState problem={problem} />;
  const add = async (body: RiderFields) => {
    const riderId = v7();
    if (!(await send({ kind: 'rider', riderId, body }))) return;
    setAdding(false);
    router.push(`/riders/${riderId}`);
  };
  const named = [...riders].sort((a, b) => a.rider.name.localeCompare(b.rider.name));
  return (
    <Screen
      narrow
      title={RIDERS_PHRASES.riders}
      note={RIDERS_PHRASES.peopleWho}
      onBack={() => router.navigate('/')}
      action={
        <Button round label={RIDERS_PHRASES.addARider} onPress={() => setAdding(true)}>
          <Icon name="plus" color={palette.ink} size={26} />
        </Button>
      }
    >
      {named.length === 0 ? (
        <EmptyState title={RIDERS_PHRASES.noRiderYet} text={RIDERS_PHRASES.addOne}>
          <Button kind="main" label={RIDERS_PHRASES.addARider} onPress={() => setAdding(true)} />
        </EmptyState>
      ) : (
        <YStack>
          {named.map((known) => (
            <RiderRow key={known.rider.id} known={known} />
          ))}
        </YStack>
      )}
      <Sheet title={RIDERS_PHRASES.aRider} open={adding} onClose={() => setAdding(false)}>
        <RiderFieldsForm draft="new-rider" done={RIDERS_PHRASES.addThisRider} onDone={add} />
      </Sheet>
    </Screen>
  );
}

function RiderRow({ known: { rider, newest } }: { readonly known: KnownRider }) {
  const facts = [
    rider.heightMm === null ? RIDERS_PHRASES.heightNotKnown : RIDERS_PHRASES.cm(rider.heightMm),
    rider.weightKg === null ? RIDERS_PHRASES.weightNotKnown : RIDERS_PHRASES.kg(rider.weightKg),
    RIDERS_PHRASES.lengthsMeasured(Object.values(newest).filter((l) => l.takenOn !== null).length, RIDER_MEASURES.length),
  ];
  return (
    <Pressable role="link" aria-label={rider.name} onPress={() => router.push(`/riders/${rider.id}`)}>
      <YStack borderTopWidth={1} borderColor="$rule" paddingVertical="$m" gap="$xs">
        <Name>{rider.name}</Name>
        <Small>{facts.join(' · ')}</Small>
        {rider.purposes.length === 0 ? null : <Small>{rider.purposes.map((p) => PURPOSE_WORDS[p]).join(', ')}</Small>}
      </YStack>
    </Pressable>
  );
}
