import { router } from 'expo-router';
import { signedIn } from '../session/signed-in';
import { Button } from '../ui/button';
import { EmptyState } from '../ui/empty-state';
import { Screen } from '../ui/screen';

function NotFound() {
  return (
    <Screen title="Not here" narrow>
      <EmptyState title="There is no page at this address." text="Nothing is lost. Go to the yard and open it from there.">
        <Button kind="main" label="To the yard" onPress={() => router.replace('/')} />
      </EmptyState>
    </Screen>
  );
}

export default signedIn(NotFound);
