import { useLocalSearchParams } from 'expo-router';
import { TemplateScreen } from '../../../template/template-screen';
import { signedIn } from '../../../session/session-context';

function Route() {
  return <TemplateScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
