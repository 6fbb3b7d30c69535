import { useLocalSearchParams } from 'expo-router';
import { FrontScreen } from '../../../front/front-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <FrontScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
