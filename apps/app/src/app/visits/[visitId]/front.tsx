import { useLocalSearchParams } from 'expo-router';
import { FrontScreen } from '../../../section/front-screen';
import { signedIn } from '../../../session/session-context';

function Route() {
  return <FrontScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
