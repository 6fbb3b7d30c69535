import { type ReportTack, tackCheckWriteSchema } from '@fulcra/contract';
import { isSpotOf, type FoundSpot } from '@fulcra/core';
import { type DataSource } from 'typeorm';
import { inOneWrite } from '../platform/db/in-one-write';
import { FulcraError } from '../platform/errors/fulcra-error';
import { TackCheckEntity } from '../tack/tack.entity';
import { type OwnerLinkRow } from './owner.entity';

/** An owner's monthly look: a check like any other, under the owner's name and marked as the owner's word. The same one twice is one. */
export async function keepOwnersCheck(
  db: DataSource,
  { practiceId, ownerName }: OwnerLinkRow,
  id: string,
  { kind, id: itemId }: ReportTack,
  found: readonly FoundSpot[],
  now: Date,
): Promise<void> {
  if (!found.every((f) => isSpotOf(kind, f)))
    throw new FulcraError('INPUT_INVALID', { fields: [{ path: 'found', message: `is no point of a ${kind}` }] });
  const check = tackCheckWriteSchema.parse({
    ...{ itemKind: kind, itemId, madeAt: now.toISOString(), hand: ownerName, source: 'owner', round: 'monthly' },
    ...{ found, mended: null, withdrawn: false },
  });
  await inOneWrite(db, async (tx) => {
    const rows = tx.getRepository(TackCheckEntity);
    const known = await rows.findOneBy({ id });
    if (known === null) return void (await rows.insert({ id, practiceId, ...check }));
    if (known.practiceId !== practiceId || known.itemId !== itemId) throw new FulcraError('NOT_FOUND');
  });
}
