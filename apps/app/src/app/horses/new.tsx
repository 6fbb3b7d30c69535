import { NewHorseScreen } from '../../horses/new-horse-screen';
import { signedIn } from '../../platform/session-context';

export default signedIn(NewHorseScreen);
