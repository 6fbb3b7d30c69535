import { YardScreen } from '../yard/yard-screen';
import { signedIn } from '../session/signed-in';

export default signedIn(YardScreen);
