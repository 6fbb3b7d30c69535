import { type TackCheckFields } from '@fulcra/contract';
import { FulcraError } from '../platform/errors/fulcra-error';

/** An unsafe finding is answered by a mending with a name and what was done, never taken away. @throws TACK_HOLD_STANDS */
export function refuseQuietClearing(
  before: Pick<TackCheckFields, 'found' | 'fall'> | null,
  { withdrawn }: Pick<TackCheckFields, 'withdrawn'>,
): void {
  if (before !== null && withdrawn && (before.fall !== null || before.found.some((f) => f.finding === 'unsafe')))
    throw new FulcraError('TACK_HOLD_STANDS');
}

/** An owner's word comes through the owner's link and no other way. @throws INPUT_INVALID */
export function refuseInOwnersName(before: object | null, { source }: Pick<TackCheckFields, 'source'>): void {
  if (before === null && source !== 'practice')
    throw new FulcraError('INPUT_INVALID', { fields: [{ path: 'source', message: 'is the owner’s own word' }] });
}

/** A walk answers falls of its own saddle. @param named what it names, as far as they are known @throws TACK_FALL_UNKNOWN */
export function refuseStrangeAnswer(
  { itemId, answers }: Pick<TackCheckFields, 'itemId' | 'answers'>,
  named: readonly Pick<TackCheckFields, 'itemId' | 'fall'>[],
): void {
  const answered = named.filter((c) => c.itemId === itemId && c.fall !== null);
  if (answered.length < new Set(answers).size) throw new FulcraError('TACK_FALL_UNKNOWN');
}

/** A mending answers unsafe findings of its own item. @param named what it names, as far as they are known @throws TACK_MENDING_UNKNOWN */
export function refuseStrangeMending(
  { itemId, mended }: Pick<TackCheckFields, 'itemId' | 'mended'>,
  named: readonly Pick<TackCheckFields, 'itemId' | 'found'>[],
): void {
  if (mended === null) return;
  const answered = named.filter((c) => c.itemId === itemId && c.found.some((f) => f.finding === 'unsafe'));
  if (answered.length < new Set(mended.clears).size) throw new FulcraError('TACK_MENDING_UNKNOWN');
}
