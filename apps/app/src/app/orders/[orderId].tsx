import { useLocalSearchParams } from 'expo-router';
import { OrderScreen } from '../../orders/order-screen';
import { signedIn } from '../../session/signed-in';

function Route() {
  return <OrderScreen orderId={useLocalSearchParams<{ orderId: string }>().orderId} />;
}

export default signedIn(Route);
