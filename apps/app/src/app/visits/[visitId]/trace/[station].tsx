import { useLocalSearchParams } from 'expo-router';
import { TraceScreen } from '../../../../section/trace-screen';
import { signedIn } from '../../../../session/signed-in';

function Route() {
  const { visitId, station } = useLocalSearchParams<{ visitId: string; station: string }>();
  return <TraceScreen visitId={visitId} station={station} />;
}

export default signedIn(Route);
