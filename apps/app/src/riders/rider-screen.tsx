import { type Rider, type RiderFields } from '@fulcra/contract';
import { router } from 'expo-router';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { PutAway } from '../bin';
import { useSend } from '../platform/use-send';
import { useHorsesOf } from '../platform/use-views';
import { Button } from '../ui/button';
import { Columns } from '../ui/columns';
import { EmptyState } from '../ui/empty-state';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Sheet } from '../ui/sheet';
import { Body, Heading, Small } from '../ui/text';
import { RIDERS_PHRASES } from '../words/riders-phrases';
import { HistoryPart } from './history-part';
import { LengthsPart } from './lengths-part';
import { RiderFieldsForm } from './rider-form';
import { type RiderForm } from './rider-form-model';
import { type KnownRider, useKnownRiders } from './use-rider';
import { LegsPart, WaysPart } from './ways-part';

/** One rider: lengths with a figure that shows where, what for, old injuries, horses, history. */
export function RiderScreen({ riderId }: { readonly riderId: string }) {
  const { riders, problem } = useKnownRiders();
  if (riders === null) return <LoadState problem={problem} />;
  const known = riders.find((r) => r.rider.id === riderId);
  if (known === undefined) {
    return (
      <Screen title={RIDERS_PHRASES.riders} onBack={() => router.navigate('/riders')}>
        <EmptyState title={RIDERS_PHRASES.thisRiderIs} text={RIDERS_PHRASES.mayHave}>
          <Button kind="main" label={RIDERS_PHRASES.toTheRiders} onPress={() => router.navigate('/riders')} />
        </EmptyState>
      </Screen>
    );
  }
  return <KnownRiderScreen key={riderId} known={known} />;
}

const typed = ({ name, heightMm, weightKg, note }: Rider): RiderForm => ({
  name,
  note,
  height: heightMm === null ? '' : String(heightMm / 10),
  weight: weightKg === null ? '' : String(weightKg),
});

function KnownRiderScreen({ known }: { readonly known: KnownRider }) {
  const { rider } = known;
  const send = useSend();
  const [changing, setChanging] = useState(false);
  const { id: riderId, ...was } = rider;
  const change = (fields: Partial<RiderFields>) => send({ kind: 'rider', riderId, body: { ...was, ...fields, was } });
  const facts = [
    rider.heightMm === null ? RIDERS_PHRASES.heightNotKnown : RIDERS_PHRASES.cm(rider.heightMm),
    rider.weightKg === null ? RIDERS_PHRASES.weightNotKnown : RIDERS_PHRASES.kg(rider.weightKg),
  ];
  const keep = async ({ name, heightMm, weightKg, note }: RiderFields) => {
    if (await change({ name, heightMm, weightKg, note })) setChanging(false);
  };
  return (
    <Screen
      title={rider.name}
      note={facts.join(' · ')}
      onBack={() => router.navigate('/riders')}
      bottom={
        <>
          <Button label={RIDERS_PHRASES.change} onPress={() => setChanging(true)} />
          <Button grow kind="main" label={RIDERS_PHRASES.theLeg} onPress={() => router.push(`/riders/${riderId}/leg`)} />
        </>
      }
    >
      {rider.note === '' ? null : <Body>{rider.note}</Body>}
      <Columns>
        <LengthsPart known={known} />
        <YStack gap="$l">
          <WaysPart rider={rider} change={(fields) => void change(fields)} />
          <LegsPart rider={rider} change={(fields) => void change(fields)} />
          <HorsesPart riderId={riderId} />
          <HistoryPart known={known} />
          <XStack>
            <PutAway thing={{ kind: 'rider', id: rider.id, name: rider.name }} onGone={() => router.replace('/riders')} />
          </XStack>
        </YStack>
      </Columns>
      <Sheet title={RIDERS_PHRASES.nameHeight} open={changing} onClose={() => setChanging(false)}>
        <RiderFieldsForm draft={`rider-${riderId}`} start={typed(rider)} done={RIDERS_PHRASES.keepChanges} onDone={keep} />
      </Sheet>
    </Screen>
  );
}

function HorsesPart({ riderId }: { readonly riderId: string }) {
  const horses = useHorsesOf(riderId);
  return (
    <YStack gap="$xs">
      <Heading>{RIDERS_PHRASES.horsesRidden}</Heading>
      {horses.length === 0 ? <Small>{RIDERS_PHRASES.noHorses}</Small> : null}
      <XStack flexWrap="wrap">
        {horses.map(({ horse }) => (
          <Button key={horse.id} kind="quiet" tight label={horse.name} onPress={() => router.push(`/horses/${horse.id}`)} />
        ))}
      </XStack>
    </YStack>
  );
}
