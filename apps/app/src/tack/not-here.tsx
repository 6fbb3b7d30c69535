import { router } from 'expo-router';
import { Button } from '../ui/button';
import { EmptyState } from '../ui/empty-state';
import { Screen } from '../ui/screen';
import { TACK_PHRASES } from '../words/tack-phrases';

/** An item that this device doesn't know. */
export function NotHere() {
  const toTheTack = () => router.navigate('/tack');
  return (
    <Screen title={TACK_PHRASES.tack} onBack={toTheTack}>
      <EmptyState title={TACK_PHRASES.notHere} text={TACK_PHRASES.mayHave}>
        <Button kind="main" label={TACK_PHRASES.toTheTack} onPress={toTheTack} />
      </EmptyState>
    </Screen>
  );
}
