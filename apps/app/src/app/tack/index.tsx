import { TackScreen } from '../../tack/tack-screen';
import { signedIn } from '../../session/signed-in';

export default signedIn(TackScreen);
