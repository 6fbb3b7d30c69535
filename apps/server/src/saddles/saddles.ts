import { type DataSource } from 'typeorm';
import { type MergeCollection, mergeCollection } from '../records/merge-collection';
import { SaddleEntity } from './saddle.entity';

/** The stock of one practice. */
export const saddles = (db: DataSource): MergeCollection<'saddle'> => mergeCollection(db, { kind: 'saddle', entity: SaddleEntity });
