import { useLocalSearchParams } from 'expo-router';
import { EditSaddleScreen } from '../../saddles/saddle-form-screen';
import { signedIn } from '../../session/signed-in';

function Route() {
  return <EditSaddleScreen saddleId={useLocalSearchParams<{ saddleId: string }>().saddleId} />;
}

export default signedIn(Route);
