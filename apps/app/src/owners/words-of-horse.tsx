import { YStack } from 'tamagui';
import { useOwnerWords } from '../platform/use-views';
import { Heading } from '../ui/text';
import { OWNER_PHRASES } from '../words/owner-phrases';
import { OneWord } from './one-word';

/** What the owner of a horse said and nobody has taken up yet. */
export function WordsOfHorse({ horseId, visitId = null }: { readonly horseId: string; readonly visitId?: string | null }) {
  const words = (useOwnerWords().data ?? []).filter((w) => w.horseId === horseId && w.takenUp === null);
  if (words.length === 0) return null;
  return (
    <YStack>
      <Heading>{OWNER_PHRASES.ownerSays}</Heading>
      {words.map((word) => (
        <OneWord key={word.id} word={word} visitId={visitId} named={false} />
      ))}
    </YStack>
  );
}
