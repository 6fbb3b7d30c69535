import { type BodyOf, type IdsOf, type MergeKind, type ReadOf, type RecordKind, MERGE_KINDS, idNamesOf } from '@fulcra/contract';
import { type SignedIn } from '../platform/auth/session.repository';
import { type MergeCollection } from './merge-collection';

/** How one kind of record is written. */
export type RecordHandler<K extends RecordKind> = (who: SignedIn, ids: IdsOf<K>, body: BodyOf<K>) => Promise<ReadOf<K>>;

/** One for every kind: a record that is described and not handled does not compile. */
export type RecordHandlers = { readonly [K in RecordKind]: RecordHandler<K> };

/** One collection for every kind that is merged: a record that is described and kept nowhere does not compile. */
export type MergeCollections = { readonly [K in MergeKind]: MergeCollection<K> };

/** Kinds that aren't merged have a way of their own each. */
export type OtherHandlers = { readonly [K in Exclude<RecordKind, MergeKind>]: RecordHandler<K> };

/** Merged records are all written alike: by their own id, the last in their path. */
export const mergeHandlers = (collections: MergeCollections): Pick<RecordHandlers, MergeKind> =>
  Object.fromEntries(
    MERGE_KINDS.map((kind) => {
      const idName = idNamesOf(kind).at(-1)!;
      const { put } = collections[kind] as MergeCollection<MergeKind>;
      return [kind, (who: SignedIn, ids: Readonly<Record<string, string>>, body: BodyOf<MergeKind>) => put(who, ids[idName]!, body)];
    }),
  ) as unknown as Pick<RecordHandlers, MergeKind>;
