import { useDraft } from '../platform/use-draft';
import { shapedLike } from '../platform/draft';
import { type Horse, type RiderFields } from '@fulcra/contract';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { v7 } from 'uuid';
import { useSend } from '../platform/use-send';
import { useRiders } from '../platform/use-views';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Sheet } from '../ui/sheet';
import { Heading, Small } from '../ui/text';
import { ToggleChip } from '../ui/toggle-chip';

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
      <Heading>Who rides</Heading>
      <XStack flexWrap="wrap" gap="$xs" role="group" aria-label="Riders">
        {riders.map((r) => (
          <ToggleChip key={r.id} label={r.name} on={horse.riderIds.includes(r.id)} onPress={() => toggle(r.id)} />
        ))}
        <Button kind="quiet" label="Add a rider" onPress={() => setOpen(true)} />
      </XStack>
      {riders
        .filter((r) => horse.riderIds.includes(r.id))
        .map((r) => (
          <Small key={r.id}>
            {r.name}
            {r.heightMm === null ? '' : `, ${Math.round(r.heightMm / 10)} cm`}
            {r.weightKg === null ? '' : `, ${r.weightKg} kg`}
            {r.note === '' ? '' : `: ${r.note}`}
          </Small>
        ))}
      <Sheet title="A rider" open={open} onClose={() => setOpen(false)}>
        <NewRider onAdd={(rider) => void add(rider)} />
      </Sheet>
    </YStack>
  );
}

const EMPTY_RIDER = { name: '', height: '', weight: '', note: '' };
const RIDER_DRAFT = { version: 1, schema: shapedLike(EMPTY_RIDER) };

function NewRider({ onAdd }: { readonly onAdd: (rider: RiderFields) => void }) {
  const [form, setForm, forget] = useDraft('new-rider', RIDER_DRAFT, EMPTY_RIDER);
  const [asked, setAsked] = useState(false);
  const [height, weight] = [numberIn(form.height, 90, 230), numberIn(form.weight, 15, 250)];
  const problems = {
    name: form.name.trim() === '' ? 'A rider needs a name.' : null,
    height: height === undefined ? `“${form.height}” cm is not a rider’s height, 90 to 230.` : null,
    weight: weight === undefined ? `“${form.weight}” kg is not a rider’s weight, 15 to 250.` : null,
  };
  const add = () => {
    setAsked(true);
    if (problems.name !== null || height === undefined || weight === undefined) return;
    onAdd({ name: form.name.trim(), heightMm: height === null ? null : height * 10, weightKg: weight, note: form.note });
    forget();
  };
  const shown = (problem: string | null) => (asked ? problem : null);
  return (
    <>
      <Field label="Rider’s name" value={form.name} onChange={(name) => setForm({ ...form, name })} problem={shown(problems.name)} />
      <Field
        label="Rider’s height, cm"
        kind="number"
        value={form.height}
        onChange={(next) => setForm({ ...form, height: next })}
        problem={shown(problems.height)}
      />
      <Field
        label="Rider’s weight, kg"
        kind="number"
        value={form.weight}
        onChange={(next) => setForm({ ...form, weight: next })}
        problem={shown(problems.weight)}
      />
      <Field label="Old injuries, what they feel" lines={2} value={form.note} onChange={(note) => setForm({ ...form, note })} />
      <Button kind="main" label="Add this rider" onPress={add} />
    </>
  );
}

/** null when nothing is typed, undefined when it can't be read. */
function numberIn(text: string, least: number, most: number): number | null | undefined {
  if (text.trim() === '') return null;
  const value = Number(text.trim().replace(',', '.'));
  return value >= least && value <= most ? value : undefined;
}
