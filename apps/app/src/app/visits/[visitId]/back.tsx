import { useLocalSearchParams } from 'expo-router';
import { BackScreen } from '../../../back/back-screen';
import { signedIn } from '../../../platform/session-context';

function Route() {
  return <BackScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
