import { INTAKE_PHRASES } from '../words/intake-phrases';
import { type Horse, type RiderFields } from '@fulcra/contract';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { v7 } from 'uuid';
import { useSend } from '../platform/use-send';
import { useRiders } from '../platform/use-views';
import { Button } from '../ui/button';
import { Sheet } from '../ui/sheet';
import { Heading, Small } from '../ui/text';
import { ToggleChip } from '../ui/toggle-chip';
import { RiderFieldsForm } from '../riders';

/** Who rides this horse; their measures come with the stirrup leathers. */
export function RidersOfHorse({ horse }: { readonly horse: Horse }) {
  const riders = useRiders().data ?? [];
  const send = useSend();
  const [open, setOpen] = useState(false);
  const { id: horseId, ...was } = horse;
  const setRiders = (riderIds: string[]) => void send({ kind: 'horse', horseId, body: { ...was, riderIds, was } });
  const toggle = (id: string) => setRiders(horse.riderIds.includes(id) ? horse.riderIds.filter((r) => r !== id) : [...horse.riderIds, id]);
  const add = async (rider: RiderFields) => {
    const riderId = v7();
    if (!(await send({ kind: 'rider', riderId, body: rider }))) return;
    setRiders([...horse.riderIds, riderId]);
    setOpen(false);
  };
  return (
    <YStack gap="$s">
      <Heading>{INTAKE_PHRASES.whoRides}</Heading>
      <XStack flexWrap="wrap" gap="$xs" role="group" aria-label={INTAKE_PHRASES.riders}>
        {riders.map((r) => (
          <ToggleChip key={r.id} label={r.name} on={horse.riderIds.includes(r.id)} onPress={() => toggle(r.id)} />
        ))}
        <Button kind="quiet" label={INTAKE_PHRASES.addARider} onPress={() => setOpen(true)} />
      </XStack>
      {riders
        .filter((r) => horse.riderIds.includes(r.id))
        .map((r) => (
          <Small key={r.id}>
            {r.name}
            {r.heightMm === null ? '' : INTAKE_PHRASES.cm(Math.round(r.heightMm / 10))}
            {r.weightKg === null ? '' : INTAKE_PHRASES.kg3(r.weightKg)}
            {r.note === '' ? '' : `: ${r.note}`}
          </Small>
        ))}
      <Sheet title={INTAKE_PHRASES.aRider} open={open} onClose={() => setOpen(false)}>
        <RiderFieldsForm draft="new-rider" done={INTAKE_PHRASES.addThisRider} onDone={add} />
      </Sheet>
    </YStack>
  );
}
