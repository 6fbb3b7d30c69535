import { OrdersScreen } from '../../orders/orders-screen';
import { signedIn } from '../../session/signed-in';

export default signedIn(OrdersScreen);
