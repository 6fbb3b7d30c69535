import { router } from 'expo-router';
import { XStack, YStack } from 'tamagui';
import { momentNow } from '../platform/clock';
import { useSession } from '../platform/session-context';
import { useSend } from '../platform/use-send';
import { useOrders } from '../platform/use-views';
import { Button } from '../ui/button';
import { Body, Strong } from '../ui/text';
import { ORDER_PHRASES, ORDER_STEP_WORDS } from '../words/order-phrases';

/** Work that came back for this horse: that it was checked on the horse is said here, at a visit. */
export function OrdersBack({ horseId, visitId }: { readonly horseId: string; readonly visitId: string }) {
  const orders = useOrders().data ?? [];
  const send = useSend();
  const { session } = useSession();
  const back = orders.filter((o) => o.horseId === horseId && o.state === 'back');
  if (back.length === 0) return null;
  return (
    <YStack gap="$xs">
      <Strong>{ORDER_PHRASES.backFromBench}</Strong>
      {back.map(({ id: orderId, ...was }) => {
        const step = { state: 'recheckedOnHorse' as const, at: momentNow(), by: session.person.name, visitId };
        const checked = () =>
          void send({ kind: 'order', orderId, body: { ...was, state: step.state, history: [...was.history, step], was } });
        return (
          <YStack key={orderId} role="group" aria-label={was.title}>
            <Body>{was.title}</Body>
            <XStack flexWrap="wrap" gap="$s">
              <Button label={ORDER_STEP_WORDS.recheckedOnHorse} onPress={checked} />
              <Button kind="quiet" tight label={ORDER_PHRASES.sheet} onPress={() => router.push(`/orders/${orderId}`)} />
            </XStack>
          </YStack>
        );
      })}
    </YStack>
  );
}
