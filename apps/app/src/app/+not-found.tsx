import { router } from 'expo-router';
import { signedIn } from '../session/signed-in';
import { Button } from '../ui/button';
import { EmptyState } from '../ui/empty-state';
import { Screen } from '../ui/screen';
import { UI_PHRASES } from '../words/ui-phrases';

function NotFound() {
  return (
    <Screen title={UI_PHRASES.notHere} narrow>
      <EmptyState title={UI_PHRASES.noSuchPage} text={UI_PHRASES.goToTheYard}>
        <Button kind="main" label={UI_PHRASES.toTheYard} onPress={() => router.replace('/')} />
      </EmptyState>
    </Screen>
  );
}

export default signedIn(NotFound);
