import { useLocalSearchParams } from 'expo-router';
import { SpecificationScreen } from '../../../papers/specification-screen';
import { signedIn } from '../../../platform/session-context';

function Route() {
  return <SpecificationScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
