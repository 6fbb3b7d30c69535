import { useLocalSearchParams } from 'expo-router';
import { SchoolScreen } from '../../schools/school-screen';
import { signedIn } from '../../session/signed-in';

function Route() {
  return <SchoolScreen schoolId={useLocalSearchParams<{ schoolId: string }>().schoolId} />;
}

export default signedIn(Route);
