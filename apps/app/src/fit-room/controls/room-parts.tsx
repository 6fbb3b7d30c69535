import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { type ReactNode, useState } from 'react';
import { YStack } from 'tamagui';
import { Choice } from '../../ui/choice';
import { useWide } from '../../ui/use-wide';

export interface RoomPart {
  readonly id: 'change' | 'criteria' | 'motion' | 'tried';
  readonly label: string;
  readonly content: ReactNode;
}

/** What stands under the verdict: on a phone one part at a time, so that each is a tap and not a long way down; wide, all of them. */
export function RoomParts({ parts }: { readonly parts: readonly RoomPart[] }) {
  const wide = useWide();
  const [shownId, setShownId] = useState<RoomPart['id']>('change');
  const shown = parts.find((p) => p.id === shownId) ?? parts[0]!;
  if (wide) return parts.map((part) => <YStack key={part.id}>{part.content}</YStack>);
  return (
    <YStack gap="$m">
      <Choice
        label={FIT_ROOM_PHRASES.underTheVerdict}
        value={shown.id}
        options={parts.map(({ id, label }) => ({ value: id, label }))}
        onChange={setShownId}
      />
      {shown.content}
    </YStack>
  );
}
