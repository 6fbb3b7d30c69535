import { UI_PHRASES } from '../words/ui-phrases';
import { router } from 'expo-router';
import { Button } from './button';
import { EmptyState } from './empty-state';
import { Screen } from './screen';
import { Body } from './text';

/** What stands in for a screen whose data isn't there: still coming, or why not. */
export function LoadState({ problem }: { readonly problem: string | null }) {
  return (
    <Screen title={UI_PHRASES.fulcra} narrow>
      {problem === null ? (
        <Body role="status">{UI_PHRASES.fetching}</Body>
      ) : (
        <EmptyState title={UI_PHRASES.thisCannotBe} text={problem}>
          <Button kind="main" label={UI_PHRASES.toTheYard} onPress={() => router.replace('/')} />
        </EmptyState>
      )}
    </Screen>
  );
}
