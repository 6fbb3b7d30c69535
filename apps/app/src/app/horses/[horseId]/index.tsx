import { useLocalSearchParams } from 'expo-router';
import { HorseScreen } from '../../../horse/horse-screen';
import { signedIn } from '../../../session/session-context';

function Route() {
  return <HorseScreen horseId={useLocalSearchParams<{ horseId: string }>().horseId} />;
}

export default signedIn(Route);
