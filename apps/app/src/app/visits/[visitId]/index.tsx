import { useLocalSearchParams } from 'expo-router';
import { VisitScreen } from '../../../visit/visit-screen';

export default function Route() {
  return <VisitScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}
