import { type EntityManager } from 'typeorm';
import { FulcraError } from '../platform/errors/fulcra-error';

/** What the bin let go of for good isn't made anew by a device that was away meanwhile. @throws RECORD_PURGED */
export async function refusePurged(tx: EntityManager, id: string): Promise<void> {
  const gone = await tx.query<unknown[]>('SELECT 1 FROM purged WHERE id = ?', [id]);
  if (gone.length > 0) throw new FulcraError('RECORD_PURGED');
}
