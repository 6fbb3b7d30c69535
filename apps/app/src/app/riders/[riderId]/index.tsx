import { useLocalSearchParams } from 'expo-router';
import { RiderScreen } from '../../../riders/rider-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <RiderScreen riderId={useLocalSearchParams<{ riderId: string }>().riderId} />;
}

export default signedIn(Route);
