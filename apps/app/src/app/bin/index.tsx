import { BinScreen } from '../../bin/bin-screen';
import { signedIn } from '../../session/signed-in';

export default signedIn(BinScreen);
