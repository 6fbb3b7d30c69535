import { OwnersScreen } from '../../owners/owners-screen';
import { signedIn } from '../../session/signed-in';

export default signedIn(OwnersScreen);
