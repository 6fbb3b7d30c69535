import { StockScreen } from '../../saddles/stock-screen';
import { signedIn } from '../../platform/session-context';

export default signedIn(StockScreen);
