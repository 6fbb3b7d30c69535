import { useLocalSearchParams } from 'expo-router';
import { ShapeScreen } from '../../../shape/shape-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <ShapeScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
