import { type ReportTack, tackCheckWriteSchema } from '@fulcra/contract';
import { isSpotOf, type FoundSpot } from '@fulcra/core';
import { createHash } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { type DataSource } from 'typeorm';
import { inOneWrite } from '../platform/db/in-one-write';
import { FulcraError } from '../platform/errors/fulcra-error';
import { TackCheckEntity } from '../tack/tack.entity';
import { countForLink } from '../platform/link-day';
import { type OwnerLinkRow } from './owner.entity';

/** An id of the same moment as another, the same each time for the same content: the form of UUIDv7 with its random part from the content. */
function idBeside(id: string, content: string): string {
  const hash = createHash('sha256').update(`${id} ${content}`).digest('hex');
  return `${id.slice(0, 13)}-7${hash.slice(0, 3)}-8${hash.slice(3, 6)}-${hash.slice(6, 18)}`;
}

/**
 * An owner's monthly look: a check like any other, under the owner's name and marked as the owner's word. The same one twice is one; what was
 * changed before it was sent again is a look of its own, and nothing of it is dropped.
 */
export async function keepOwnersCheck(
  db: DataSource,
  { id: linkId, practiceId, ownerName }: OwnerLinkRow,
  id: string,
  { kind, id: itemId }: ReportTack,
  found: readonly FoundSpot[],
  now: Date,
): Promise<void> {
  if (!found.every((f) => isSpotOf(kind, f)))
    throw new FulcraError('INPUT_INVALID', { fields: [{ path: 'found', message: `is no point of a ${kind}` }] });
  const read = tackCheckWriteSchema.safeParse({
    ...{ itemKind: kind, itemId, madeAt: now.toISOString(), hand: ownerName, source: 'owner', round: 'monthly' },
    ...{ found, mended: null, withdrawn: false },
  });
  // one spot said twice
  if (!read.success)
    throw new FulcraError('INPUT_INVALID', { fields: read.error.issues.map(({ path, message }) => ({ path: path.join('.'), message })) });
  const check = read.data;
  await inOneWrite(db, async (tx) => {
    const rows = tx.getRepository(TackCheckEntity);
    const known = await rows.findOneBy({ id });
    const keep = async (as: string): Promise<void> => {
      await countForLink(tx, linkId, 'looks', 1, now);
      await rows.insert({ id: as, practiceId, ...check });
    };
    if (known === null) return keep(id);
    if (known.practiceId !== practiceId) throw new FulcraError('NOT_FOUND');
    if (known.itemId === itemId && known.hand === ownerName && isDeepStrictEqual(known.found, check.found)) return;
    // the answer to the first one was lost, and something else is sent under its id: the same again is the same again
    const another = idBeside(id, JSON.stringify([itemId, ownerName, check.found]));
    if (!(await rows.existsBy({ id: another }))) await keep(another);
  });
}
