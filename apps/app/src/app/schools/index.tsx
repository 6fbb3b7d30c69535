import { SchoolsScreen } from '../../schools/schools-screen';
import { signedIn } from '../../session/signed-in';

export default signedIn(SchoolsScreen);
