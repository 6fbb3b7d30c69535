import { CalendarScreen } from '../../calendar/calendar-screen';
import { signedIn } from '../../session/signed-in';

export default signedIn(CalendarScreen);
