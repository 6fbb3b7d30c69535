import { YardScreen } from '../yard/yard-screen';
import { signedIn } from '../platform/session-context';

export default signedIn(YardScreen);
