import { useLocalSearchParams } from 'expo-router';
import { RoomScreen } from '../../../fit-room/room-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <RoomScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
