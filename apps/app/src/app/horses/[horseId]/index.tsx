import { useLocalSearchParams } from 'expo-router';
import { HorseScreen } from '../../../horses/horse-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <HorseScreen horseId={useLocalSearchParams<{ horseId: string }>().horseId} />;
}

export default signedIn(Route);
