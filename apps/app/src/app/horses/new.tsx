import { NewHorseScreen } from '../../horse/new-horse-screen';
import { signedIn } from '../../session/session-context';

export default signedIn(NewHorseScreen);
