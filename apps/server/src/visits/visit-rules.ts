import { type Fact, type Visit } from '@fulcra/contract';
import { type RideQuestion, againstRiding } from '@fulcra/core';
import { isDeepStrictEqual } from 'node:util';
import { FulcraError } from '../platform/errors/fulcra-error';

type Stands = Pick<Visit, 'result' | 'status'>;

/** Everything of a closed visit stands: takes, findings, decisions, photos. Opening it again is on record. @throws VISIT_CLOSED */
export function refuseClosed(status: Visit['status']): void {
  if (status === 'done') throw new FulcraError('VISIT_CLOSED');
}

/** The visit's own fields stand too while it is closed; the one change it takes is being opened again. @throws VISIT_CLOSED */
export function refuseChangeOfClosed<V extends Pick<Visit, 'status'>>(before: V | null, after: V): void {
  if (before === null || before.status !== 'done' || isDeepStrictEqual(before, after)) return;
  if (!isDeepStrictEqual({ ...before, status: 'open' }, after)) throw new FulcraError('VISIT_CLOSED');
}

/** "Good to ride" is asked about when it is said, not each time something else of the visit changes. */
export const saysGoodToRide = (before: Stands | null, after: Stands): boolean =>
  after.result === 'goodToRide' && before?.result !== 'goodToRide';

const REFUSED_WITH = {
  SORE_HOLD: 'VISIT_HELD',
  TACK_UNSAFE: 'TACK_UNSAFE',
  TREE_AFTER_FALL: 'TREE_AFTER_FALL',
  FELL: 'TREE_AFTER_FALL',
  SETTING_REFUSED: 'SETTING_REFUSED',
  NOTHING_DONE: 'NOTHING_DONE',
} as const;

/** "Good to ride" can't be said while something takes it back, whichever device says it. */
export function refuseRiding(question: Omit<RideQuestion, 'said'>): void {
  const [first] = againstRiding(question);
  if (first !== undefined) throw new FulcraError(REFUSED_WITH[first.code]);
}

/** Closing a visit and opening it again are facts of their own: what was measured then, and what later, can be told apart. */
export function putOnRecord(before: Stands | null, after: Stands): Fact['body'] | null {
  if ((before?.status ?? 'open') === after.status) return null;
  return after.status === 'done' ? { kind: 'visitClosed' } : { kind: 'visitReopened' };
}
