import { useLocalSearchParams } from 'expo-router';
import { SuitsScreen } from '../../../leg/suits-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <SuitsScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
