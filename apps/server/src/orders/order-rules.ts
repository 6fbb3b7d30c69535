import { type OrderFields } from '@fulcra/contract';
import { mayFollow } from '@fulcra/core';
import { isDeepStrictEqual } from 'node:util';
import { FulcraError } from '../platform/errors/fulcra-error';

/** The history of an order only grows, by one step at a time that may follow the last, in the name of whoever makes it. @throws ORDER_STEP_REFUSED */
export function refuseStrangeStep(before: OrderFields | null, after: OrderFields, personName: string): void {
  const was = before?.history ?? [];
  const added = after.history.slice(was.length);
  const kept = isDeepStrictEqual(after.history.slice(0, was.length), [...was]);
  const steps = added.every((step, i) => {
    const from = added[i - 1] ?? was.at(-1);
    return step.by === personName && (from === undefined ? step.state === 'draft' : mayFollow(from.state, step.state));
  });
  if (!kept || !steps || after.history.at(-1)!.state !== after.state) throw new FulcraError('ORDER_STEP_REFUSED');
  // a letter to nobody was not sent
  if (added.some((step) => step.state === 'sent') && after.contactId === null) throw new FulcraError('ORDER_TO_NOBODY');
}

interface Checked {
  readonly horseId: string;
  readonly startedOn: string;
  readonly status: 'open' | 'done';
}

/**
 * Checked again on the horse is something done at a visit of that horse: an open one, begun no earlier than the order was sent.
 * @param visitOf the visit a step names, of this practice
 * @throws ORDER_NOT_AT_VISIT
 */
export async function refuseUnseen(
  before: OrderFields | null,
  after: OrderFields,
  visitOf: (id: string) => Promise<Checked | null>,
): Promise<void> {
  const was = before?.history.length ?? 0;
  const sentOn = after.history.findLast((step) => step.state === 'sent')?.at.slice(0, 10) ?? '';
  for (const step of after.history.slice(was)) {
    if (step.state !== 'recheckedOnHorse') continue;
    const visit = step.visitId === undefined ? null : await visitOf(step.visitId);
    if (visit === null || visit.horseId !== after.horseId || visit.status !== 'open' || visit.startedOn < sentOn)
      throw new FulcraError('ORDER_NOT_AT_VISIT');
  }
}
