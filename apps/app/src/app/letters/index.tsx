import { LettersScreen } from '../../letters/letters-screen';
import { signedIn } from '../../session/signed-in';

export default signedIn(LettersScreen);
