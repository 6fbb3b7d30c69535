import { useLocalSearchParams } from 'expo-router';
import { VisitScreen } from '../../../visit/visit-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <VisitScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
