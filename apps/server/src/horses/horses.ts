import { type DataSource, In } from 'typeorm';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type MergeCollection, mergeCollection } from '../records/merge-collection';
import { ContactEntity, YardEntity } from '../contacts/contact.entity';
import { refuseUnknown } from '../records/refuse-unknown';
import { RiderEntity } from '../riders/rider.entity';
import { HorseEntity } from './horse.entity';
import { countYard } from './yard-size';

/** Horses of one practice. */
export const horses = (db: DataSource): MergeCollection<'horse'> =>
  mergeCollection(db, {
    kind: 'horse',
    entity: HorseEntity,
    after: async ({ tx, who, before }) => {
      if (before === null) await countYard(tx, who.practiceId);
    },
    guard: async ({ tx, who, after }) => {
      const ids = [...new Set(after.riderIds)];
      const known = ids.length === 0 ? 0 : await tx.getRepository(RiderEntity).countBy({ practiceId: who.practiceId, id: In(ids) });
      if (known < ids.length) throw new FulcraError('RIDER_UNKNOWN');
      const { ownerId, payerId, yardId } = after;
      await refuseUnknown(tx, ContactEntity, who.practiceId, [ownerId, payerId], 'CONTACT_UNKNOWN');
      await refuseUnknown(tx, YardEntity, who.practiceId, [yardId], 'YARD_UNKNOWN');
    },
  });
