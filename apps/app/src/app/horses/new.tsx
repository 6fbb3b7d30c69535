import { NewHorseScreen } from '../../horses/new-horse-screen';
import { signedIn } from '../../session/signed-in';

export default signedIn(NewHorseScreen);
