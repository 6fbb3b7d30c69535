import { router } from 'expo-router';
import { Button } from './button';
import { EmptyState } from './empty-state';
import { Screen } from './screen';
import { Body } from './text';

/** What stands in for a screen whose data isn't there: still coming, or why not. */
export function LoadState({ problem }: { readonly problem: string | null }) {
  return (
    <Screen title="Fulcra" narrow>
      {problem === null ? (
        <Body role="status">Fetching…</Body>
      ) : (
        <EmptyState title="This cannot be shown." text={problem}>
          <Button kind="main" label="To the yard" onPress={() => router.replace('/')} />
        </EmptyState>
      )}
    </Screen>
  );
}
