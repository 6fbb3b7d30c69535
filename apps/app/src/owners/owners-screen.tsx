import { type OwnerWord } from '@fulcra/contract';
import { router } from 'expo-router';
import { YStack } from 'tamagui';
import { useOwnerWords } from '../platform/use-views';
import { Columns } from '../ui/columns';
import { EmptyState } from '../ui/empty-state';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Heading } from '../ui/text';
import { OneWord } from './one-word';
import { OWNER_PHRASES } from '../words/owner-phrases';

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
        <OneWord key={word.id} word={word} />
      ))}
    </YStack>
  );
}
