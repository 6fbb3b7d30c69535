import { NewSaddleScreen } from '../../saddles/saddle-form-screen';
import { signedIn } from '../../platform/session-context';

export default signedIn(NewSaddleScreen);
