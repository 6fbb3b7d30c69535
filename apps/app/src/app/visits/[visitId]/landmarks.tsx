import { useLocalSearchParams } from 'expo-router';
import { LandmarksScreen } from '../../../landmarks/landmarks-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <LandmarksScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
