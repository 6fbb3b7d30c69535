import { useLocalSearchParams } from 'expo-router';
import { StoryScreen } from '../../../horses/story-screen';
import { signedIn } from '../../../session/signed-in';

function Route() {
  return <StoryScreen horseId={useLocalSearchParams<{ horseId: string }>().horseId} />;
}

export default signedIn(Route);
