import { type OwnerWord } from '@fulcra/contract';
import { router } from 'expo-router';
import { Image } from 'react-native';
import { XStack, YStack } from 'tamagui';
import { momentNow } from '../platform/clock';
import { useSession } from '../platform/session-context';
import { useSend } from '../platform/use-send';
import { useHorse, useOwnerPhotos, useOwnerWords } from '../platform/use-views';
import { Button } from '../ui/button';
import { Columns } from '../ui/columns';
import { EmptyState } from '../ui/empty-state';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Body, Heading, Name, Small } from '../ui/text';
import { useToast } from '../ui/toast';
import { OWNER_PHRASES } from '../words/owner-phrases';
import { dayWords } from '../words/measure-words';
import { ownerWordWords } from '../words/report-words';

/** What owners said through their links: their own word until somebody of the practice takes it up. */
export function OwnersScreen() {
  const { data, problem } = useOwnerWords();
  if (data === null) return <LoadState problem={problem} />;
  const newest = [...data].sort((a, b) => (a.madeAt < b.madeAt ? 1 : -1));
  return (
    <Screen title={OWNER_PHRASES.owners} note={OWNER_PHRASES.ownersNote} onBack={() => router.navigate('/')}>
      {data.length === 0 ? (
        <EmptyState title={OWNER_PHRASES.nothingSaid} text={OWNER_PHRASES.nothingSaidText} />
      ) : (
        <Columns>
          <Words title={OWNER_PHRASES.waiting} words={newest.filter((w) => w.takenUp === null)} />
          <Words title={OWNER_PHRASES.takenUp} words={newest.filter((w) => w.takenUp !== null)} />
        </Columns>
      )}
    </Screen>
  );
}

function Words({ title, words }: { readonly title: string; readonly words: readonly OwnerWord[] }) {
  if (words.length === 0) return <YStack />;
  return (
    <YStack>
      <Heading>{title}</Heading>
      {words.map((word) => (
        <Word key={word.id} word={word} />
      ))}
    </YStack>
  );
}

function Word({ word }: { readonly word: OwnerWord }) {
  const send = useSend();
  const toast = useToast();
  const { session } = useSession();
  const horse = useHorse(word.horseId).data?.horse;
  const { id: ownerWordId, ...was } = word;
  const takeUp = async () => {
    const body = { ...was, takenUp: { by: session.person.name, at: momentNow(), visitId: null }, was };
    if (!(await send({ kind: 'ownerWord', ownerWordId, body }))) return;
    const undo = () => void send({ kind: 'ownerWord', ownerWordId, body: { ...was, was: { ...was, takenUp: body.takenUp } } });
    toast({ text: OWNER_PHRASES.takenUpNow, undo });
  };
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingVertical="$m" gap="$xs" role="group" aria-label={horse?.name ?? ''}>
      <Name>{horse?.name ?? '…'}</Name>
      <Small>{OWNER_PHRASES.ownersWord(word.ownerName, dayWords(word.madeAt.slice(0, 10)))}</Small>
      <Body>{ownerWordWords(word.body)}</Body>
      <Photos wordId={word.id} name={word.ownerName} />
      {word.takenUp === null ? (
        <XStack flexWrap="wrap">
          <Button kind="quiet" tight label={OWNER_PHRASES.takeUp} onPress={() => void takeUp()} />
          <Button
            kind="quiet"
            tight
            label={OWNER_PHRASES.openHorse(horse?.name ?? '')}
            onPress={() => router.push(`/horses/${word.horseId}`)}
          />
        </XStack>
      ) : (
        <Small>{OWNER_PHRASES.takenUpBy(word.takenUp.by, dayWords(word.takenUp.at.slice(0, 10)))}</Small>
      )}
    </YStack>
  );
}

function Photos({ wordId, name }: { readonly wordId: string; readonly name: string }) {
  const photos = (useOwnerPhotos().data ?? []).filter((p) => p.ownerWordId === wordId && p.heldBytes === p.bytes);
  if (photos.length === 0) return null;
  return (
    <XStack flexWrap="wrap" gap="$s">
      {photos.map((p) => (
        <Image
          key={p.id}
          source={{ uri: `/api/owner-words/${wordId}/photos/${p.id}/content` }}
          accessibilityLabel={OWNER_PHRASES.photoBy(name)}
          style={{ width: 132, height: 99, borderRadius: 8 }}
        />
      ))}
    </XStack>
  );
}
