import { useLocalSearchParams } from 'expo-router';
import { SpecificationScreen } from '../../../papers/specification-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <SpecificationScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
