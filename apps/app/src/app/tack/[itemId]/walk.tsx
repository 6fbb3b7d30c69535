import { useLocalSearchParams } from 'expo-router';
import { WalkScreen } from '../../../tack/walk-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <WalkScreen itemId={useLocalSearchParams<{ itemId: string }>().itemId} />;
}

export default signedIn(Route);
