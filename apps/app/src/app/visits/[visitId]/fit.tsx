import { useLocalSearchParams } from 'expo-router';
import { FitScreen } from '../../../front/fit-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <FitScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
