import { NewSaddleScreen } from '../../saddles/saddle-form-screen';
import { signedIn } from '../../session/signed-in';

export default signedIn(NewSaddleScreen);
