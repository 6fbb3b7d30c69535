import { type OwnerWord } from '@fulcra/contract';
import { router } from 'expo-router';
import { useState } from 'react';
import { Image } from 'react-native';
import { XStack, YStack } from 'tamagui';
import { PlanSheet, type ToPlan } from '../calendar';
import { dayNow, momentNow } from '../platform/clock';
import { useSession } from '../platform/session-context';
import { useSend } from '../platform/use-send';
import { useHorse, useOwnerPhotos } from '../platform/use-views';
import { Button } from '../ui/button';
import { Body, Name, Small } from '../ui/text';
import { useToast } from '../ui/toast';
import { OWNER_PHRASES } from '../words/owner-phrases';
import { dayWords } from '../words/measure-words';
import { ownerWordWords } from '../words/report-words';

interface WordProps {
  readonly word: OwnerWord;
  /** The visit it is taken up at; null outside of one. */
  readonly visitId?: string | null;
  /** Whether the horse is named with it. */
  readonly named?: boolean;
}

/** One word of an owner, with its pictures, to be taken up by name. */
export function OneWord({ word, visitId = null, named = true }: WordProps) {
  const send = useSend();
  const toast = useToast();
  const { session } = useSession();
  const horse = useHorse(word.horseId).data?.horse;
  const [planning, setPlanning] = useState(false);
  const { id: ownerWordId, ...was } = word;
  const takeUp = async () => {
    const body = { ...was, takenUp: { by: session.person.name, at: momentNow(), visitId }, was };
    if (!(await send({ kind: 'ownerWord', ownerWordId, body }))) return;
    const undo = () => void send({ kind: 'ownerWord', ownerWordId, body: { ...was, was: { ...was, takenUp: body.takenUp } } });
    toast({ text: OWNER_PHRASES.takenUpNow, undo });
    // whoever asked for a visit is given one: the plan stands open with what was asked
    if (word.body.kind === 'asksVisit') setPlanning(true);
  };
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingVertical="$m" gap="$xs" role="group" aria-label={horse?.name ?? ''}>
      {named ? <Name>{horse?.name ?? '…'}</Name> : null}
      <Small>{OWNER_PHRASES.ownersWord(word.ownerName, dayWords(word.madeAt.slice(0, 10)))}</Small>
      <Body>{ownerWordWords(word.body)}</Body>
      <Photos wordId={word.id} name={word.ownerName} />
      {word.takenUp === null ? (
        <XStack flexWrap="wrap">
          <Button kind="quiet" tight label={OWNER_PHRASES.takeUp} onPress={() => void takeUp()} />
          {named ? (
            <Button
              kind="quiet"
              tight
              label={OWNER_PHRASES.openHorse(horse?.name ?? '')}
              onPress={() => router.push(`/horses/${word.horseId}`)}
            />
          ) : null}
        </XStack>
      ) : (
        <Small>{OWNER_PHRASES.takenUpBy(word.takenUp.by, dayWords(word.takenUp.at.slice(0, 10)))}</Small>
      )}
      <PlanSheet of={planning ? toPlan(word, horse?.name ?? '') : null} onClose={() => setPlanning(false)} />
    </YStack>
  );
}

const toPlan = ({ horseId, body }: OwnerWord, horseName: string): ToPlan => ({
  ...{ horseId, horseName, reason: 'asked', on: dayNow() },
  note: body.kind === 'asksVisit' ? [body.when, body.note].filter(Boolean).join('. ') : '',
});

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
