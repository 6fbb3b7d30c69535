import { useLocalSearchParams } from 'expo-router';
import { FrontScreen } from '../../../section/front-screen';

export default function Route() {
  return <FrontScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}
