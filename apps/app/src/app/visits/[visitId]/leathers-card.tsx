import { useLocalSearchParams } from 'expo-router';
import { VisitCard } from '../../../leg/card-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <VisitCard visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
