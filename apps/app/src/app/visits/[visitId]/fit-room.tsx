import { useLocalSearchParams } from 'expo-router';
import { FitRoomScreen } from '../../../fit-room/fit-room-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <FitRoomScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
