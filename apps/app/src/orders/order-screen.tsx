import { type Order, type OrderFields } from '@fulcra/contract';
import { type OrderState, nextOrderStates } from '@fulcra/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { LetterForm } from '../letters';
import { type OrderPapers, useOrderPapers, useOrderVisit } from '../papers';
import { momentNow } from '../platform/clock';
import { useSession } from '../platform/session-context';
import { useSend } from '../platform/use-send';
import { useContacts, useHorse, useOrders } from '../platform/use-views';
import { HeldBanner } from '../tack';
import { Button } from '../ui/button';
import { EmptyState } from '../ui/empty-state';
import { LoadState } from '../ui/load-state';
import { PrintStyle } from '../ui/print-style';
import { Screen } from '../ui/screen';
import { Sheet } from '../ui/sheet';
import { Body, Heading, Small, Strong } from '../ui/text';
import { useToast } from '../ui/toast';
import { dayWords } from '../words/measure-words';
import { PAPER_CAUTION } from '../words/paper-caution';
import { ORDER_PHRASES, ORDER_STATE_WORDS, ORDER_STEP_WORDS } from '../words/order-phrases';
import { OrderForm, lineWords } from './order-form';

/** The workshop sheet of one order: what to do, by whom and when, and how far it has come. */
export function OrderScreen({ orderId }: { readonly orderId: string }) {
  const { data, problem } = useOrders();
  if (data === null) return <LoadState problem={problem} />;
  const order = data.find((o) => o.id === orderId);
  const back = () => router.navigate('/orders');
  if (order === undefined) {
    return (
      <Screen title={ORDER_PHRASES.orders} onBack={back}>
        <EmptyState title={ORDER_PHRASES.notHere} text={ORDER_PHRASES.mayHave}>
          <Button kind="main" label={ORDER_PHRASES.toTheOrders} onPress={back} />
        </EmptyState>
      </Screen>
    );
  }
  return <Sheets key={orderId} order={order} onBack={back} />;
}

function Sheets({ order, onBack }: { readonly order: Order; readonly onBack: () => void }) {
  const [open, setOpen] = useState<'change' | 'mail' | null>(null);
  const { change, step } = useOrderWrites(order);
  const { back } = nextOrderStates(order.state);
  const { id: _, ...was } = order;
  return (
    <Screen
      narrow
      title={order.title}
      note={ORDER_STATE_WORDS[order.state]}
      onBack={onBack}
      action={<Button kind="quiet" label={ORDER_PHRASES.change} onPress={() => setOpen('change')} />}
      bottom={
        <>
          <Button label={ORDER_PHRASES.print} onPress={() => window.print()} />
          <NextStep order={order} onStep={(state) => void step(state)} onChange={() => setOpen('change')} />
        </>
      }
    >
      <PrintStyle />
      <HeldBanner id={order.saddleId} />
      <Workshop order={order} />
      <XStack flexWrap="wrap">
        {order.visitId === null ? null : (
          <>
            <Button
              kind="quiet"
              tight
              label={ORDER_PHRASES.templates}
              onPress={() => router.push(`/visits/${order.visitId}/template?of=chosen` as '/')}
            />
            <Button
              kind="quiet"
              tight
              label={ORDER_PHRASES.specification}
              onPress={() => router.push(`/visits/${order.visitId}/specification` as '/')}
            />
          </>
        )}
        <Button kind="quiet" tight label={ORDER_PHRASES.mail} onPress={() => setOpen('mail')} />
        {back === null ? null : <Button kind="quiet" tight label={ORDER_STEP_WORDS[back]} onPress={() => void step(back)} />}
      </XStack>
      <Sheet title={ORDER_PHRASES.change} open={open === 'change'} onClose={() => setOpen(null)}>
        <OrderForm
          draft={`order-${order.id}`}
          was={was}
          onDone={async (fields) => {
            const kept = await change(fields);
            if (kept) setOpen(null);
            return kept;
          }}
        />
      </Sheet>
      <Sheet title={ORDER_PHRASES.mail} open={open === 'mail'} onClose={() => setOpen(null)}>
        <OrderLetter order={order} onSent={() => setOpen(null)} />
      </Sheet>
    </Screen>
  );
}

interface NextStepProps {
  readonly order: Order;
  readonly onStep: (state: OrderState) => void;
  readonly onChange: () => void;
}

/** What takes the order on: it is sent to somebody, and checked again at a visit. */
function NextStep({ order, onStep, onChange }: NextStepProps) {
  const { on } = nextOrderStates(order.state);
  const open = useHorse(order.horseId).data?.visits.findLast((v) => v.visit.status === 'open')?.visit.id ?? null;
  if (on === null) return null;
  if (on === 'sent' && order.contactId === null) return <Button grow kind="main" label={ORDER_PHRASES.chooseBench} onPress={onChange} />;
  if (on !== 'recheckedOnHorse') return <Button grow kind="main" label={ORDER_STEP_WORDS[on]} onPress={() => onStep(on)} />;
  const to = open === null ? `/horses/${order.horseId}` : `/visits/${open}`;
  return (
    <Button
      grow
      kind="main"
      label={open === null ? ORDER_PHRASES.checkAtVisit : ORDER_PHRASES.checkAtOpen}
      onPress={() => router.push(to)}
    />
  );
}

function useOrderWrites({ id: orderId, ...was }: Order) {
  const send = useSend();
  const toast = useToast();
  const { session } = useSession();
  const put = (fields: Partial<OrderFields>, from: OrderFields = was) =>
    send({ kind: 'order', orderId, body: { ...from, ...fields, was: from } });
  return {
    change: (fields: Partial<OrderFields>) => put(fields),
    step: async (state: OrderState) => {
      const history = [...was.history, { state, at: momentNow(), by: session.person.name }];
      if (await put({ state, history })) toast({ text: ORDER_PHRASES.moved(ORDER_STATE_WORDS[state]) });
    },
  };
}

/** As the bench reads it. */
function Workshop({ order }: { readonly order: Order }) {
  const horse = useHorse(order.horseId).data?.horse;
  const bench = useContacts().data?.find((c) => c.id === order.contactId);
  return (
    <YStack backgroundColor="$sheet" padding="$l" gap="$s" testID="workshop-sheet">
      <Heading>{ORDER_PHRASES.whatToDo}</Heading>
      <Small>
        {[ORDER_PHRASES.forHorse(horse?.name ?? '…'), bench?.name ?? ORDER_PHRASES.nobody]
          .concat(order.dueOn === null ? [] : [ORDER_PHRASES.wantedBy(dayWords(order.dueOn))])
          .join(' · ')}
      </Small>
      {order.lines.length === 0 ? <Body color="$muted">{ORDER_PHRASES.nothing}</Body> : null}
      {order.lines.map(({ what, value }, i) => (
        <XStack key={i} borderTopWidth={1} borderColor="$rule" paddingVertical="$s" gap="$m">
          <Body flex={1} color="$muted">
            {what}
          </Body>
          <Strong flex={1}>{value}</Strong>
        </XStack>
      ))}
      {order.note === '' ? null : <Body>{order.note}</Body>}
      <Heading>{ORDER_PHRASES.history}</Heading>
      {order.history.map((s, i) => (
        <Small key={i}>{ORDER_PHRASES.step(ORDER_STATE_WORDS[s.state], dayWords(s.at.slice(0, 10)), s.by)}</Small>
      ))}
      <Small>{ORDER_PHRASES.caution}</Small>
      <Small>{PAPER_CAUTION}</Small>
    </YStack>
  );
}

/** With the visit it came from, a letter carries that visit's papers. */
function OrderLetter({ order, onSent }: LetterProps) {
  if (order.visitId === null) return <Letter order={order} onSent={onSent} papers={null} />;
  return <LetterOfVisit order={order} visitId={order.visitId} onSent={onSent} />;
}

function LetterOfVisit({ order, visitId, onSent }: LetterProps & { readonly visitId: string }) {
  const of = useOrderVisit(visitId);
  if (of === null) return <LoadState problem={null} />;
  return <LetterWithPapers order={order} onSent={onSent} {...of} />;
}

function LetterWithPapers({ loaded, saddles, ...letter }: LetterProps & NonNullable<ReturnType<typeof useOrderVisit>>) {
  return <Letter {...letter} papers={useOrderPapers(loaded, saddles)} />;
}

interface LetterProps {
  readonly order: Order;
  readonly onSent: () => void;
}

function Letter({ order, onSent, papers }: LetterProps & { readonly papers: OrderPapers | null }) {
  const { session } = useSession();
  const bench = useContacts().data?.find((c) => c.id === order.contactId);
  const due = order.dueOn === null ? '' : ORDER_PHRASES.wantedBy(dayWords(order.dueOn));
  const lines = order.lines.map(lineWords).join('\n');
  const text = ORDER_PHRASES.text([order.title, lines, due, order.note, papers?.specification ?? '', PAPER_CAUTION, session.practice.name]);
  const papersWith =
    papers !== null && papers.templates > 0 ? { files: papers.files, fileWords: ORDER_PHRASES.withTemplates(papers.templates) } : {};
  return <LetterForm kind="order" start={{ to: bench?.email ?? '', subject: order.title, text }} {...papersWith} onSent={onSent} />;
}
