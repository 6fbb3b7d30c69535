import { type Contact, type Yard } from '@fulcra/contract';
import { router } from 'expo-router';
import { useState } from 'react';
import { Pressable } from 'react-native';
import { XStack, YStack } from 'tamagui';
import { v7 } from 'uuid';
import { useSend } from '../platform/use-send';
import { useContacts, useYards } from '../platform/use-views';
import { Button } from '../ui/button';
import { Columns } from '../ui/columns';
import { EmptyState } from '../ui/empty-state';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Sheet } from '../ui/sheet';
import { Body, Heading, Name, Small } from '../ui/text';
import { PEOPLE_PHRASES } from '../words/people-phrases';
import { PersonForm } from './person-form';
import { YardForm } from './yard-form';

/** What is open for typing: a record that is there, or a new one. */
type Open = { readonly what: 'person'; readonly was: Contact | null } | { readonly what: 'yard'; readonly was: Yard | null } | null;

/** Everybody a practice deals with, and where the horses stand. */
export function PeopleScreen() {
  const { data: contacts, problem } = useContacts();
  const yards = useYards().data ?? [];
  const [open, setOpen] = useState<Open>(null);
  if (contacts === null) return <LoadState problem={problem} />;
  return (
    <Screen
      title={PEOPLE_PHRASES.people}
      note={PEOPLE_PHRASES.note}
      onBack={() => router.navigate('/')}
      bottom={
        <>
          <Button grow label={PEOPLE_PHRASES.addYard} onPress={() => setOpen({ what: 'yard', was: null })} />
          <Button grow kind="main" label={PEOPLE_PHRASES.addPerson} onPress={() => setOpen({ what: 'person', was: null })} />
        </>
      }
    >
      {contacts.length + yards.length === 0 ? (
        <EmptyState title={PEOPLE_PHRASES.nobodyYet} text={PEOPLE_PHRASES.nobodyText} />
      ) : (
        <Columns>
          <YStack>
            <Heading>{PEOPLE_PHRASES.persons}</Heading>
            {contacts.map((c) => (
              <Row key={c.id} name={c.name} lines={personLines(c)} onPress={() => setOpen({ what: 'person', was: c })} />
            ))}
          </YStack>
          <YStack>
            <Heading>{PEOPLE_PHRASES.yards}</Heading>
            {yards.map((y) => (
              <Row
                key={y.id}
                name={y.name}
                lines={[y.address, contacts.find((c) => c.id === y.contactId)?.name ?? '', y.note]}
                onPress={() => setOpen({ what: 'yard', was: y })}
              />
            ))}
          </YStack>
        </Columns>
      )}
      <Edit open={open} onClose={() => setOpen(null)} />
    </Screen>
  );
}

const personLines = (c: Contact): string[] => [
  [c.email, c.phone].filter(Boolean).join(' · '),
  c.remind ? PEOPLE_PHRASES.remindYes : PEOPLE_PHRASES.remindNo,
  c.note,
];

function Row({ name, lines, onPress }: { readonly name: string; readonly lines: readonly string[]; readonly onPress: () => void }) {
  return (
    <Pressable role="button" aria-label={name} onPress={onPress}>
      <XStack borderTopWidth={1} borderColor="$rule" paddingVertical="$m">
        <YStack flex={1} alignItems="flex-start">
          <Name>{name}</Name>
          {lines
            .filter((l) => l !== '')
            .map((l) => (
              <Small key={l}>{l}</Small>
            ))}
        </YStack>
        <Body color="$action">{PEOPLE_PHRASES.change}</Body>
      </XStack>
    </Pressable>
  );
}

function Edit({ open, onClose }: { readonly open: Open; readonly onClose: () => void }) {
  const send = useSend();
  const closed = (kept: boolean): boolean => {
    if (kept) onClose();
    return kept;
  };
  const title = open?.was?.name ?? (open?.what === 'yard' ? PEOPLE_PHRASES.aYard : PEOPLE_PHRASES.aPerson);
  return (
    <Sheet title={title} open={open !== null} onClose={onClose}>
      {open?.what === 'person' ? (
        <PersonForm
          draft={`person-${open.was?.id ?? 'new'}`}
          was={open.was}
          onDone={async (body) =>
            closed(await send({ kind: 'contact', contactId: open.was?.id ?? v7(), body: { ...body, ...wasOf(open.was) } }))
          }
        />
      ) : open?.what === 'yard' ? (
        <YardForm
          draft={`yard-${open.was?.id ?? 'new'}`}
          was={open.was}
          onDone={async (body) => closed(await send({ kind: 'yard', yardId: open.was?.id ?? v7(), body: { ...body, ...wasOf(open.was) } }))}
        />
      ) : null}
    </Sheet>
  );
}

function wasOf<R extends { readonly id: string }>(record: R | null): { readonly was: Omit<R, 'id'> } | Record<string, never> {
  if (record === null) return {};
  const { id: _, ...was } = record;
  return { was };
}
