import { useLocalSearchParams } from 'expo-router';
import { BackScreen } from '../../../back/back-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <BackScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
