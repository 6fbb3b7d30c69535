import { useLocalSearchParams } from 'expo-router';
import { LeatherScreen } from '../../leathers/leather-screen';
import { signedIn } from '../../session/signed-in';

function Route() {
  return <LeatherScreen leatherId={useLocalSearchParams<{ leatherId: string }>().leatherId} />;
}

export default signedIn(Route);
