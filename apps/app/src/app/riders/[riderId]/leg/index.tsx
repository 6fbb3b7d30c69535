import { useLocalSearchParams } from 'expo-router';
import { LegOfRider } from '../../../../leg/leg-screen';
import { signedIn } from '../../../../session/signed-in';

function Route() {
  return <LegOfRider riderId={useLocalSearchParams<{ riderId: string }>().riderId} />;
}

export default signedIn(Route);
