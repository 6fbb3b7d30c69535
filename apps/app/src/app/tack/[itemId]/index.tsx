import { useLocalSearchParams } from 'expo-router';
import { ItemScreen } from '../../../tack/item-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <ItemScreen itemId={useLocalSearchParams<{ itemId: string }>().itemId} />;
}

export default signedIn(Route);
