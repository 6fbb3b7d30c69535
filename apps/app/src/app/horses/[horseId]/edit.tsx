import { useLocalSearchParams } from 'expo-router';
import { EditHorseScreen } from '../../../horse/edit-horse-screen';
import { signedIn } from '../../../session/session-context';

function Route() {
  return <EditHorseScreen horseId={useLocalSearchParams<{ horseId: string }>().horseId} />;
}

export default signedIn(Route);
