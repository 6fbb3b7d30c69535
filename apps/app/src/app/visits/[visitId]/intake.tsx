import { useLocalSearchParams } from 'expo-router';
import { IntakeScreen } from '../../../intake/intake-screen';
import { signedIn } from '../../../platform/session-context';

function Route() {
  return <IntakeScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
