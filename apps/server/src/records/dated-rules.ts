import { isDeepStrictEqual } from 'node:util';
import { FulcraError } from '../platform/errors/fulcra-error';

/** A measuring of one day by one hand. */
export interface Dated {
  readonly hand: string;
  readonly withdrawn: boolean;
}

/**
 * A measuring is never altered once it is saved, only withdrawn or brought back, and nobody measures in another's name.
 * @throws MEASURE_IMMUTABLE, MEASURE_OTHER_HAND
 */
export function refuseAltered(before: Dated | null, after: Dated, personName: string): void {
  if (before === null) {
    if (after.hand !== personName) throw new FulcraError('MEASURE_OTHER_HAND');
    return;
  }
  const { withdrawn: _before, ...was } = before;
  const { withdrawn: _after, ...is } = after;
  if (!isDeepStrictEqual(was, is)) throw new FulcraError('MEASURE_IMMUTABLE');
}
