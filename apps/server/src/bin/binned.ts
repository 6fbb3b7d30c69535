import { type DataSource } from 'typeorm';
import { HorseEntity } from '../horses/horse.entity';
import { rebuildStanding } from '../horses/standing';
import { countYard } from '../horses/yard-size';
import { PhotoEntity } from '../photos/photo.entity';
import { RiderEntity } from '../riders/rider.entity';
import { lockedVisit } from '../visits/append-collection';
import { VisitEntity } from '../visits/visit.entity';
import { type Change, type MergeCollection, mergeCollection } from '../records/merge-collection';
import { BinnedEntity } from '../records/in-bin';
import { refuseUnknown } from '../records/refuse-unknown';

const THINGS = { horse: HorseEntity, visit: VisitEntity, rider: RiderEntity, photo: PhotoEntity } as const;

/** What is out of sight, under its own id: only what the practice has can be put there. */
export const binned = (db: DataSource): MergeCollection<'binned'> =>
  mergeCollection(db, {
    kind: 'binned',
    entity: BinnedEntity,
    guard: ({ tx, who, id, after }) => refuseUnknown(tx, THINGS[after.kind], who.practiceId, [id], 'NOT_FOUND'),
    after: standAnew,
  });

/** The horse that is put out of sight or back, or whose visit is. */
async function standAnew({ tx, who: { practiceId }, id, after: { kind } }: Change<'binned'>): Promise<void> {
  if (kind === 'horse') {
    await rebuildStanding(tx, practiceId, id);
    await countYard(tx, practiceId);
  }
  if (kind === 'visit') {
    // held: it may be going over to another horse just now
    const { horseId } = await lockedVisit(tx, practiceId, id);
    await rebuildStanding(tx, practiceId, horseId);
  }
}
