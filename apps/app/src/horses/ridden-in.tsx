import { type HorseHistory } from '@fulcra/contract';
import { tackInUse } from '@fulcra/core';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { dayNow } from '../platform/clock';
import { useSession } from '../platform/session-context';
import { useSend } from '../platform/use-send';
import { useSaddles } from '../platform/use-views';
import { HeldBanner, useTackAround, useTackThings } from '../tack';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Sheet } from '../ui/sheet';
import { Body, Small } from '../ui/text';
import { HORSES_PHRASES } from '../words/horses-phrases';
import { dayWords } from '../words/measure-words';

const NONE = 'none';
const AS_DECIDED = 'decided';

/** What a horse is ridden in, how that stands, and the way to say otherwise. */
export function RiddenIn({ horse, inUse, visits }: HorseHistory) {
  const saddles = useSaddles().data ?? [];
  const { beside } = useTackAround();
  const { things } = useTackThings();
  const [open, setOpen] = useState(false);
  const { saddle } = inUse;
  const named = saddles.find((s) => s.id === saddle?.saddleId)?.name ?? HORSES_PHRASES.riddenInUnknownSaddle;
  const ridden = tackInUse(inUse, horse.riderIds, beside);
  const held = (things ?? []).filter(
    (t) => ridden.has(t.id) && t.kind !== 'saddle' && t.standing.state === 'unsafe' && t.saddleId !== saddle?.saddleId,
  );
  return (
    <YStack gap="$xs">
      <XStack alignItems="center">
        <Body flex={1} color={saddle === null ? '$muted' : '$ink'}>
          {saddle === null ? HORSES_PHRASES.riddenInNone : HORSES_PHRASES.riddenIn(named, dayWords(saddle.since))}
        </Body>
        <Button kind="quiet" tight label={HORSES_PHRASES.changeRiddenIn} onPress={() => setOpen(true)}>
          <Body fontWeight="700">{HORSES_PHRASES.changeIt}</Body>
        </Button>
      </XStack>
      <HeldBanner id={saddle?.saddleId ?? null} />
      {held.map((t) => (
        <HeldBanner key={t.id} id={t.id} />
      ))}
      <Sheet title={HORSES_PHRASES.riddenInNow} open={open} onClose={() => setOpen(false)}>
        <Pick horse={horse} inUse={inUse} visits={visits} onDone={() => setOpen(false)} />
      </Sheet>
    </YStack>
  );
}

/** A person says otherwise: kept with the decision that it replaces, so that the next one takes its place. */
function Pick({ horse, inUse, onDone }: Pick<HorseHistory, 'horse' | 'inUse' | 'visits'> & { readonly onDone: () => void }) {
  const saddles = useSaddles().data ?? [];
  const { session } = useSession();
  const send = useSend();
  const { id: horseId, ...was } = horse;
  const said = horse.ridesIn !== null && inUse.saddle?.decidedBy == null;
  const say = async (picked: string): Promise<void> => {
    const insteadOf = said ? horse.ridesIn!.insteadOf : (inUse.saddle?.decidedBy ?? null);
    const ridesIn =
      picked === AS_DECIDED ? null : { saddleId: picked === NONE ? null : picked, insteadOf, by: session.person.name, on: dayNow() };
    if (await send({ kind: 'horse', horseId, body: { ...was, ridesIn, was } })) onDone();
  };
  const options = [
    ...(said ? [{ value: AS_DECIDED, label: HORSES_PHRASES.asDecided }] : []),
    { value: NONE, label: HORSES_PHRASES.noSaddleNow },
    ...saddles.map((s) => ({ value: s.id, label: s.name })),
  ];
  return (
    <YStack gap="$s">
      <Small>{HORSES_PHRASES.riddenInMeans}</Small>
      <Choice
        label={HORSES_PHRASES.riddenInNow}
        value={inUse.saddle?.saddleId ?? (said ? NONE : '')}
        options={options}
        onChange={(v) => void say(v)}
      />
    </YStack>
  );
}
