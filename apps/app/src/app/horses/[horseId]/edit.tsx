import { useLocalSearchParams } from 'expo-router';
import { EditHorseScreen } from '../../../horse/edit-horse-screen';

export default function Route() {
  return <EditHorseScreen horseId={useLocalSearchParams<{ horseId: string }>().horseId} />;
}
