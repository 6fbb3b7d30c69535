import { LeathersScreen } from '../../leathers/leathers-screen';
import { signedIn } from '../../session/signed-in';

export default signedIn(LeathersScreen);
