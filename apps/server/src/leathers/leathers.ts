import { type DataSource } from 'typeorm';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type MergeCollection, mergeCollection } from '../records/merge-collection';
import { refuseAltered } from '../records/dated-rules';
import { RiderEntity } from '../riders/rider.entity';
import { SaddleEntity } from '../saddles/saddle.entity';
import { LeatherEntity, LeatherTakeEntity } from './leather.entity';

/** Pairs of stirrup leathers of one practice. */
export const leathers = (db: DataSource): MergeCollection<'leather'> =>
  mergeCollection(db, {
    kind: 'leather',
    entity: LeatherEntity,
    guard: async ({ tx, who: { practiceId }, after: { riderId, saddleId } }) => {
      if (riderId !== null && (await tx.getRepository(RiderEntity).countBy({ practiceId, id: riderId })) === 0)
        throw new FulcraError('RIDER_UNKNOWN');
      if (saddleId !== null && (await tx.getRepository(SaddleEntity).countBy({ practiceId, id: saddleId })) === 0)
        throw new FulcraError('SADDLE_UNKNOWN');
    },
  });

/** How pairs hung when they were measured, each a dated record of its own. */
export const leatherTakes = (db: DataSource): MergeCollection<'leatherTake'> =>
  mergeCollection(db, {
    kind: 'leatherTake',
    entity: LeatherTakeEntity,
    guard: async ({ tx, who, before, after }) => {
      refuseAltered(before, after, who.personName);
      const known = await tx.getRepository(LeatherEntity).countBy({ practiceId: who.practiceId, id: after.leatherId });
      if (known === 0) throw new FulcraError('LEATHER_UNKNOWN');
    },
  });
