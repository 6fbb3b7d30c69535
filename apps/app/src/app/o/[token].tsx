import { useLocalSearchParams } from 'expo-router';
import { SharedScreen } from '../../owners/shared/shared-screen';

/** Open to whoever holds the link. */
export default function Route() {
  return <SharedScreen token={useLocalSearchParams<{ token: string }>().token} />;
}
