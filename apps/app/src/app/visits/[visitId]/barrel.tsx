import { useLocalSearchParams } from 'expo-router';
import { BarrelScreen } from '../../../leg/barrel-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <BarrelScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
