import { type DataSource, type EntityManager } from 'typeorm';
import { HorseEntity } from '../horses/horse.entity';
import { rebuildStanding } from '../horses/standing';
import { countYard } from '../horses/yard-size';
import { PhotoEntity } from '../photos/photo.entity';
import { RiderEntity } from '../riders/rider.entity';
import { lockedVisit } from '../visits/append-collection';
import { refuseClosed } from '../visits/visit-rules';
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
    guard: async ({ tx, who: { practiceId }, id, after }) => {
      await refuseUnknown(tx, THINGS[after.kind], practiceId, [id], 'NOT_FOUND');
      if (after.kind === 'photo' && !after.restored) await refusePhotoOfClosed(tx, practiceId, id);
    },
    after: standAnew,
  });

/** A photo is part of its visit: while that is closed, it stays. */
async function refusePhotoOfClosed(tx: EntityManager, practiceId: string, id: string): Promise<void> {
  const { visitId } = await tx.getRepository(PhotoEntity).findOneByOrFail({ id, practiceId });
  if (visitId !== null) refuseClosed((await lockedVisit(tx, practiceId, visitId)).status);
}

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
