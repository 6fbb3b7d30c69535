import { useLocalSearchParams } from 'expo-router';
import { TemplateScreen } from '../../../papers/template-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  const { visitId, of } = useLocalSearchParams<{ visitId: string; of?: string }>();
  return <TemplateScreen visitId={visitId} of={of === 'chosen' ? 'chosen' : 'decision'} />;
}

export default signedIn(Route);
