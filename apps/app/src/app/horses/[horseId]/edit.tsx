import { useLocalSearchParams } from 'expo-router';
import { EditHorseScreen } from '../../../horses/edit-horse-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <EditHorseScreen horseId={useLocalSearchParams<{ horseId: string }>().horseId} />;
}

export default signedIn(Route);
