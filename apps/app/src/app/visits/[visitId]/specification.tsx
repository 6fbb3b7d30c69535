import { useLocalSearchParams } from 'expo-router';
import { SpecificationScreen } from '../../../room/specification-screen';
import { signedIn } from '../../../session/session-context';

function Route() {
  return <SpecificationScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
