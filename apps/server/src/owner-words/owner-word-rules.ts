import { type OwnerWordFields } from '@fulcra/contract';
import { isDeepStrictEqual } from 'node:util';
import { FulcraError } from '../platform/errors/fulcra-error';

/** An owner's word is the owner's: the practice takes it up in its own name, and changes nothing of it. @throws NOT_FOUND, FACT_IMMUTABLE, MEASURE_OTHER_HAND */
export function refuseRewording(before: OwnerWordFields | null, after: OwnerWordFields, personName: string): void {
  if (before === null) throw new FulcraError('NOT_FOUND');
  const { takenUp: _before, ...was } = before;
  const { takenUp, ...is } = after;
  if (!isDeepStrictEqual(was, is)) throw new FulcraError('FACT_IMMUTABLE');
  if (takenUp !== null && takenUp.by !== personName && !isDeepStrictEqual(takenUp, before.takenUp))
    throw new FulcraError('MEASURE_OTHER_HAND');
}
