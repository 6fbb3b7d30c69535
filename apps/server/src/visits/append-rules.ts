import { FulcraError } from '../platform/errors/fulcra-error';
import { type ErrorCode } from '../platform/errors/registry';

/** Whose a thing is that was added to a visit. */
export interface Belongs {
  readonly practiceId: string;
  readonly visitId: string;
}

/**
 * Whether something of this id is to be added, or is there already. The same content is the same write, sent again.
 * @throws NOT_FOUND where it is another's, or of another visit; `immutable` where it says something else
 */
export function isNew<Row extends Belongs>(known: Row | null, mine: Belongs, same: (row: Row) => boolean, immutable: ErrorCode): boolean {
  if (known === null) return true;
  if (known.practiceId !== mine.practiceId || known.visitId !== mine.visitId) throw new FulcraError('NOT_FOUND');
  if (!same(known)) throw new FulcraError(immutable);
  return false;
}
