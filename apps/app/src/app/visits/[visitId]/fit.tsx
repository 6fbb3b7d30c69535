import { Redirect, useLocalSearchParams } from 'expo-router';

/** The address of earlier releases. */
export default function Moved() {
  return <Redirect href={`/visits/${useLocalSearchParams<{ visitId: string }>().visitId}/front`} />;
}
