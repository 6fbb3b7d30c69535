import { type Fields, mergeFields } from '@fulcra/core';
import { FulcraError } from '../errors/fulcra-error';

/**
 * What is to be stored when one person's change meets what stands there now.
 * @throws FIELDS_CLASH with both, when a field was changed two ways
 */
export function mergedOrClash<T extends Fields>(write: T & { readonly was?: T | null | undefined }, theirs: T): T {
  const { was, ...mine } = write;
  const { merged, clashing } = mergeFields<T>(was ?? null, mine as unknown as T, theirs);
  if (clashing.length > 0) throw new FulcraError('FIELDS_CLASH', { clash: { fields: clashing, theirs } });
  return merged;
}
