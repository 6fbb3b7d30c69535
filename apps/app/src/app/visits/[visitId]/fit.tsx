import { useLocalSearchParams } from 'expo-router';
import { FitScreen } from '../../../fit/fit-screen';

export default function Route() {
  return <FitScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}
