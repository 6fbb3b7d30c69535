import { useLocalSearchParams } from 'expo-router';
import { LegOnVisit } from '../../../leg/leg-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <LegOnVisit visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
