import { YardScreen } from '../yard/yard-screen';
import { signedIn } from '../session/session-context';

export default signedIn(YardScreen);
