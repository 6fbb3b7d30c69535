import { type BodyOf, type IdsOf, type MergeKind, type ReadOf, type RecordKind } from '@fulcra/contract';
import { type SignedIn } from '../platform/auth/session.repository';
import { type MergeCollection } from './merge-collection';

/** How one kind of record is written. */
export type RecordHandler<K extends RecordKind> = (who: SignedIn, ids: IdsOf<K>, body: BodyOf<K>) => Promise<ReadOf<K>>;

/** One for every kind: a record that is described and not handled does not compile. */
export type RecordHandlers = { readonly [K in RecordKind]: RecordHandler<K> };

/** Every kind that is read as a list. */
export type ListedCollections = { readonly [K in MergeKind]: Pick<MergeCollection<K>, 'list'> };
