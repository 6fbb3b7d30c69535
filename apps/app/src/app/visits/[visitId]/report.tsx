import { useLocalSearchParams } from 'expo-router';
import { ReportScreen } from '../../../owners/report-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <ReportScreen visitId={useLocalSearchParams<{ visitId: string }>().visitId} />;
}

export default signedIn(Route);
