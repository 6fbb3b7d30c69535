import { type DataSource } from 'typeorm';
import { type MergeCollection, mergeCollection } from '../records/merge-collection';
import { RiderEntity } from './rider.entity';

/** Riders of one practice. */
export const riders = (db: DataSource): MergeCollection<'rider'> => mergeCollection(db, { kind: 'rider', entity: RiderEntity });
