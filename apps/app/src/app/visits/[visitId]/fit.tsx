import { useLocalSearchParams } from 'expo-router';
import { FitScreen } from '../../../fit/fit-screen';
import { signedIn } from '../../../session/session-context';

function Route() {
  return <FitScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
