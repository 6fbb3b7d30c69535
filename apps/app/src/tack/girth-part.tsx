import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { useSend } from '../platform/use-send';
import { useGirths, useSaddles } from '../platform/use-views';
import { Button } from '../ui/button';
import { Sheet } from '../ui/sheet';
import { Body, Small } from '../ui/text';
import { TACK_PHRASES } from '../words/tack-phrases';
import { ELASTIC_WORDS, MATERIAL_WORDS } from '../words/tack-words';
import { GirthForm } from './girth-form';

/** What a girth is made like, and where that is changed. */
export function GirthPart({ girthId }: { readonly girthId: string }) {
  const [changing, setChanging] = useState(false);
  const girth = useGirths().data?.find((g) => g.id === girthId);
  const saddle = useSaddles().data?.find((s) => s.id === girth?.saddleId);
  const send = useSend();
  if (girth === undefined) return null;
  const { id: _, ...was } = girth;
  const facts = [
    girth.lengthMm === null ? null : TACK_PHRASES.length(girth.lengthMm),
    MATERIAL_WORDS[girth.material],
    girth.elastic === 'none' ? null : `${TACK_PHRASES.elastic.toLowerCase()} ${ELASTIC_WORDS[girth.elastic]}`,
    saddle?.name ?? null,
  ];
  return (
    <YStack>
      <XStack alignItems="center">
        <Body flex={1}>{facts.filter((f) => f !== null).join(' · ')}</Body>
        <Button kind="quiet" tight label={TACK_PHRASES.changeGirth} onPress={() => setChanging(true)} />
      </XStack>
      {girth.note === '' ? null : <Small>{girth.note}</Small>}
      <Sheet title={girth.name} open={changing} onClose={() => setChanging(false)}>
        <GirthForm
          draft={`girth-${girthId}`}
          was={was}
          onDone={async (fields) => {
            const kept = await send({ kind: 'girth', girthId, body: { ...fields, was } });
            if (kept) setChanging(false);
            return kept;
          }}
        />
      </Sheet>
    </YStack>
  );
}
