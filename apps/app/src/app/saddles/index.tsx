import { StockScreen } from '../../saddles/stock-screen';
import { signedIn } from '../../session/session-context';

export default signedIn(StockScreen);
