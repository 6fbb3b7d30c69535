import { type Horse } from '@fulcra/contract';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { router } from 'expo-router';
import { useSend } from '../platform/use-send';
import { useContacts, useYards } from '../platform/use-views';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Sheet } from '../ui/sheet';
import { Body, Small } from '../ui/text';
import { PEOPLE_PHRASES } from '../words/people-phrases';

const NONE = 'none';
type Keeper = 'ownerId' | 'payerId' | 'yardId';

/** Whose a horse is, who pays, and where it stands. */
export function KeptBy({ horse }: { readonly horse: Horse }) {
  const contacts = useContacts().data ?? [];
  const yards = useYards().data ?? [];
  const [open, setOpen] = useState(false);
  const name = (list: readonly { readonly id: string; readonly name: string }[], id: string | null) => list.find((x) => x.id === id)?.name;
  const [owner, payer, yard] = [name(contacts, horse.ownerId), name(contacts, horse.payerId), name(yards, horse.yardId)];
  const facts = [
    owner === undefined ? null : PEOPLE_PHRASES.ownerIs(owner),
    payer === undefined ? null : PEOPLE_PHRASES.payerIs(payer),
    yard === undefined ? null : PEOPLE_PHRASES.yardIs(yard),
  ].filter((f) => f !== null);
  return (
    <XStack alignItems="center">
      <Body flex={1} color={facts.length === 0 ? '$muted' : '$ink'}>
        {facts.length === 0 ? PEOPLE_PHRASES.notNoted : facts.join(' · ')}
      </Body>
      <Button kind="quiet" tight label={PEOPLE_PHRASES.keptBy} onPress={() => setOpen(true)} />
      <Sheet title={PEOPLE_PHRASES.keptBy} open={open} onClose={() => setOpen(false)}>
        <Keepers horse={horse} />
      </Sheet>
    </XStack>
  );
}

function Keepers({ horse }: { readonly horse: Horse }) {
  const contacts = useContacts().data ?? [];
  const yards = useYards().data ?? [];
  const send = useSend();
  const { id: horseId, ...was } = horse;
  const put = (field: Keeper, id: string): void =>
    void send({ kind: 'horse', horseId, body: { ...was, [field]: id === NONE ? null : id, was } });
  const row = (label: string, field: Keeper, list: readonly { readonly id: string; readonly name: string }[], none: string) => (
    <YStack key={field}>
      <Small>{label}</Small>
      <Choice
        label={label}
        value={horse[field] ?? NONE}
        options={[{ value: NONE, label: none }, ...list.map((x) => ({ value: x.id, label: x.name }))]}
        onChange={(id) => put(field, id)}
      />
    </YStack>
  );
  return (
    <YStack gap="$m">
      {row(PEOPLE_PHRASES.owner, 'ownerId', contacts, PEOPLE_PHRASES.none)}
      {row(PEOPLE_PHRASES.payer, 'payerId', contacts, PEOPLE_PHRASES.sameAsOwner)}
      {row(PEOPLE_PHRASES.yard, 'yardId', yards, PEOPLE_PHRASES.none)}
      <Button kind="quiet" label={PEOPLE_PHRASES.people} onPress={() => router.push('/people')} />
    </YStack>
  );
}
