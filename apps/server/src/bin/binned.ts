import { type DataSource } from 'typeorm';
import { HorseEntity } from '../horses/horse.entity';
import { PhotoEntity } from '../photos/photo.entity';
import { RiderEntity } from '../riders/rider.entity';
import { VisitEntity } from '../visits/visit.entity';
import { type MergeCollection, mergeCollection } from '../records/merge-collection';
import { BinnedEntity } from '../records/in-bin';
import { refuseUnknown } from '../records/refuse-unknown';

const THINGS = { horse: HorseEntity, visit: VisitEntity, rider: RiderEntity, photo: PhotoEntity } as const;

/** What is out of sight, under its own id: only what the practice has can be put there. */
export const binned = (db: DataSource): MergeCollection<'binned'> =>
  mergeCollection(db, {
    kind: 'binned',
    entity: BinnedEntity,
    guard: ({ tx, who, id, after }) => refuseUnknown(tx, THINGS[after.kind], who.practiceId, [id], 'NOT_FOUND'),
  });
