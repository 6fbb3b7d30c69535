import { type Order } from '@fulcra/contract';
import { ORDER_STATES } from '@fulcra/core';
import { router } from 'expo-router';
import { Pressable } from 'react-native';
import { YStack } from 'tamagui';
import { dayNow } from '../platform/clock';
import { useContacts, useOrders } from '../platform/use-views';
import { EmptyState } from '../ui/empty-state';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Heading, Name, Small } from '../ui/text';
import { dayWords } from '../words/measure-words';
import { ORDER_PHRASES, ORDER_STATE_WORDS } from '../words/order-phrases';

/** Everything that is with a bench or on its way, by how far it has come. */
export function OrdersScreen() {
  const { data, problem } = useOrders();
  if (data === null) return <LoadState problem={problem} />;
  return (
    <Screen narrow title={ORDER_PHRASES.orders} note={ORDER_PHRASES.note} onBack={() => router.navigate('/')}>
      {data.length === 0 ? <EmptyState title={ORDER_PHRASES.none} text={ORDER_PHRASES.noneText} /> : null}
      {ORDER_STATES.map((state) => {
        const own = data.filter((o) => o.state === state).sort((a, b) => ((a.dueOn ?? '9') < (b.dueOn ?? '9') ? -1 : 1));
        return own.length === 0 ? null : (
          <YStack key={state}>
            <Heading>{ORDER_STATE_WORDS[state]}</Heading>
            {own.map((order) => (
              <Row key={order.id} order={order} />
            ))}
          </YStack>
        );
      })}
    </Screen>
  );
}

function Row({ order }: { readonly order: Order }) {
  const bench = useContacts().data?.find((c) => c.id === order.contactId);
  const late = order.dueOn !== null && order.dueOn < dayNow() && order.state !== 'recheckedOnHorse' && order.state !== 'back';
  return (
    <Pressable role="link" aria-label={order.title} onPress={() => router.push(`/orders/${order.id}`)}>
      <YStack borderTopWidth={1} borderColor="$rule" paddingVertical="$m">
        <Name>{order.title}</Name>
        <Small color={late ? '$lookOut' : '$muted'}>
          {[bench?.name ?? ORDER_PHRASES.nobody, order.dueOn === null ? '' : ORDER_PHRASES.wantedBy(dayWords(order.dueOn))]
            .filter(Boolean)
            .join(' · ')}
        </Small>
      </YStack>
    </Pressable>
  );
}
