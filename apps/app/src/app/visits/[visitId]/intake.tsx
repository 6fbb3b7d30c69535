import { useLocalSearchParams } from 'expo-router';
import { IntakeScreen } from '../../../intake/intake-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <IntakeScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
