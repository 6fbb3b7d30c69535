import { type EntityManager, type EntitySchema, In } from 'typeorm';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type ErrorCode } from '../platform/errors/registry';

/** What a record names must be the same practice's; null names nothing. @throws `code` */
export async function refuseUnknown<Row extends { id: string; practiceId: string }>(
  tx: EntityManager,
  entity: EntitySchema<Row>,
  practiceId: string,
  named: readonly (string | null)[],
  code: ErrorCode,
): Promise<void> {
  const ids = [...new Set(named.flatMap((id) => id ?? []))];
  if (ids.length === 0) return;
  const known = await tx.getRepository<{ id: string; practiceId: string }>(entity).countBy({ practiceId, id: In(ids) });
  if (known < ids.length) throw new FulcraError(code);
}
