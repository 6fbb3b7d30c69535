import { useLocalSearchParams } from 'expo-router';
import { SidePhotoScreen } from '../../../leg/side-photo/side-photo-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <SidePhotoScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
