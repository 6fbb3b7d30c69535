import { BIN_DAYS } from '@fulcra/contract';
import { formatISO } from 'date-fns';
import { router } from 'expo-router';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { EmptyState } from '../ui/empty-state';
import { Screen } from '../ui/screen';
import { Body, Name, Small } from '../ui/text';
import { BIN_PHRASES } from '../words/bin-phrases';
import { dayWords } from '../words/measure-words';
import { lastDay, useBin } from './use-bin';

/** What was put away and can still be put back. */
export function BinScreen() {
  const { entries, putBack } = useBin();
  return (
    <Screen narrow title={BIN_PHRASES.theBin} note={BIN_PHRASES.note(BIN_DAYS)} onBack={() => router.navigate('/practice')}>
      {entries.length === 0 ? <EmptyState title={BIN_PHRASES.empty} text={BIN_PHRASES.emptyText} /> : null}
      <YStack>
        {entries.map((entry) => (
          <XStack key={entry.id} borderTopWidth={1} borderColor="$rule" paddingVertical="$m" gap="$m" alignItems="center">
            <YStack flex={1} gap="$xs">
              <Name>{entry.name}</Name>
              <Small>
                {BIN_PHRASES.kinds[entry.kind]},{' '}
                {BIN_PHRASES.until(entry.by, dayWords(formatISO(lastDay(entry), { representation: 'date' })))}
              </Small>
            </YStack>
            <Button kind="quiet" label={BIN_PHRASES.putBackName(entry.name)} onPress={() => void putBack(entry)}>
              <Body fontWeight="700" color="$action">
                {BIN_PHRASES.putBack}
              </Body>
            </Button>
          </XStack>
        ))}
      </YStack>
    </Screen>
  );
}
