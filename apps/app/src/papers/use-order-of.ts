import { router } from 'expo-router';
import { v7 } from 'uuid';
import { type Choice } from '../fit-room';
import { momentNow } from '../platform/clock';
import { useSession } from '../platform/session-context';
import { useSend } from '../platform/use-send';
import { type LoadedVisit } from '../visit';
import { PAPERS_PHRASES } from '../words/papers-phrases';
import { type specificationLines } from './specification-lines';

/** Begins an order of what the specification says has to be made or changed, and opens it. */
export function useOrderOf({ page }: LoadedVisit, { saddle }: Choice, lines: ReturnType<typeof specificationLines>) {
  const send = useSend();
  const { session } = useSession();
  return async (): Promise<void> => {
    const orderId = v7();
    const asked = lines.change.length > 0 ? lines.change : lines.make;
    const body = {
      horseId: page.horse.id,
      visitId: page.visit.id,
      saddleId: saddle.id,
      contactId: null,
      title: PAPERS_PHRASES.orderTitle(saddle.name, page.horse.name).slice(0, 120),
      lines: asked.map(([what, value]) => ({ what, value })),
      dueOn: null,
      note: '',
      state: 'draft' as const,
      history: [{ state: 'draft' as const, at: momentNow(), by: session.person.name }],
    };
    if (await send({ kind: 'order', orderId, body })) router.push(`/orders/${orderId}`);
  };
}
