import { useLocalSearchParams } from 'expo-router';
import { RiderCard } from '../../../../leg/card-screen';
import { signedIn } from '../../../../session/signed-in';

function Route() {
  return <RiderCard riderId={useLocalSearchParams<{ riderId: string }>().riderId} />;
}

export default signedIn(Route);
