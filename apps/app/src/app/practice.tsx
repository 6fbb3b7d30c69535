import { PracticeScreen } from '../practice/practice-screen';
import { signedIn } from '../session/signed-in';

export default signedIn(PracticeScreen);
