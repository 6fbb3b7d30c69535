import { PeopleScreen } from '../../people/people-screen';
import { signedIn } from '../../session/signed-in';

export default signedIn(PeopleScreen);
