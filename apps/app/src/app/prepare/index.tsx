import { PrepareScreen } from '../../calendar/prepare-screen';
import { signedIn } from '../../session/signed-in';

export default signedIn(PrepareScreen);
