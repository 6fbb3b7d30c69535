import { useLocalSearchParams } from 'expo-router';
import { RoomScreen } from '../../../room/room-screen';
import { signedIn } from '../../../session/session-context';

function Route() {
  return <RoomScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
