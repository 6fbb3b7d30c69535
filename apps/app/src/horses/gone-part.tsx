import { HORSE_GONE, type Horse } from '@fulcra/contract';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { dayNow } from '../platform/clock';
import { useSession } from '../platform/session-context';
import { useSend } from '../platform/use-send';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Sheet } from '../ui/sheet';
import { Body } from '../ui/text';
import { HORSES_PHRASES } from '../words/horses-phrases';
import { dayWords } from '../words/measure-words';

/** A horse that was sold, moved away or died: reminders end, links close, its history stays. */
export function GonePart({ horse }: { readonly horse: Horse }) {
  const [open, setOpen] = useState(false);
  const send = useSend();
  const { session } = useSession();
  const { id: horseId, ...was } = horse;
  const put = async (how: (typeof HORSE_GONE)[number] | null): Promise<void> => {
    const gone = how === null ? null : { how, on: dayNow(), by: session.person.name };
    if (await send({ kind: 'horse', horseId, body: { ...was, gone, was } })) setOpen(false);
  };
  if (horse.gone !== null) {
    return (
      <Banner tone="lookOut">
        <Body>{HORSES_PHRASES.goneLine(HORSES_PHRASES.gone[horse.gone.how], dayWords(horse.gone.on), horse.gone.by)}</Body>
        <XStack>
          <Button label={HORSES_PHRASES.notGone} onPress={() => void put(null)} />
        </XStack>
      </Banner>
    );
  }
  return (
    <XStack>
      <Button kind="quiet" tight label={HORSES_PHRASES.goneTitle} onPress={() => setOpen(true)} />
      <Sheet title={HORSES_PHRASES.goneTitle} open={open} onClose={() => setOpen(false)}>
        <YStack gap="$s">
          <Body>{HORSES_PHRASES.goneMeans}</Body>
          {HORSE_GONE.map((how) => (
            <Button key={how} label={HORSES_PHRASES.gone[how]} onPress={() => void put(how)} />
          ))}
        </YStack>
      </Sheet>
    </XStack>
  );
}
