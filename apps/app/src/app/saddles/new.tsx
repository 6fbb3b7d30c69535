import { NewSaddleScreen } from '../../saddles/saddle-form-screen';
import { signedIn } from '../../session/session-context';

export default signedIn(NewSaddleScreen);
