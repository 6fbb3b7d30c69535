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
}
