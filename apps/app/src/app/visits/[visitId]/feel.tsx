import { useLocalSearchParams } from 'expo-router';
import { FeelScreen } from '../../../feel/feel-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <FeelScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
