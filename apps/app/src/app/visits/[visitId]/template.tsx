import { useLocalSearchParams } from 'expo-router';
import { TemplateScreen } from '../../../template/template-screen';

export default function Route() {
  return <TemplateScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}
