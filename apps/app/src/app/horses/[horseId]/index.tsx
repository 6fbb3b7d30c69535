import { useLocalSearchParams } from 'expo-router';
import { HorseScreen } from '../../../horse/horse-screen';

export default function Route() {
  return <HorseScreen horseId={useLocalSearchParams<{ horseId: string }>().horseId} />;
}
