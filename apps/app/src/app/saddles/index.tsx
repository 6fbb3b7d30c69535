import { StockScreen } from '../../saddles/stock-screen';
import { signedIn } from '../../session/signed-in';

export default signedIn(StockScreen);
