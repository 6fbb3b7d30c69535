import { RidersScreen } from '../../riders/riders-screen';
import { signedIn } from '../../session/signed-in';

export default signedIn(RidersScreen);
