import { isDeepStrictEqual } from 'node:util';
import { type DataSource, In } from 'typeorm';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type MergeCollection, mergeCollection } from '../records/merge-collection';
import { ContactEntity, YardEntity } from '../contacts/contact.entity';
import { refuseUnknown } from '../records/refuse-unknown';
import { RiderEntity } from '../riders/rider.entity';
import { HorseEntity } from './horse.entity';
import { SaddleEntity } from '../saddles/saddle.entity';
import { rebuildStanding } from './standing';
import { countYard } from './yard-size';

/** Horses of one practice. */
export const horses = (db: DataSource): MergeCollection<'horse'> =>
  mergeCollection(db, {
    kind: 'horse',
    entity: HorseEntity,
    after: async ({ tx, who, id, before, after }) => {
      if (before === null) await countYard(tx, who.practiceId);
      if (!isDeepStrictEqual(before?.ridesIn ?? null, after.ridesIn)) await rebuildStanding(tx, who.practiceId, id);
    },
    guard: async ({ tx, who, after }) => {
      const ids = [...new Set(after.riderIds)];
      const known = ids.length === 0 ? 0 : await tx.getRepository(RiderEntity).countBy({ practiceId: who.practiceId, id: In(ids) });
      if (known < ids.length) throw new FulcraError('RIDER_UNKNOWN');
      const { ownerId, payerId, yardId, ridesIn } = after;
      await refuseUnknown(tx, ContactEntity, who.practiceId, [ownerId, payerId], 'CONTACT_UNKNOWN');
      await refuseUnknown(tx, YardEntity, who.practiceId, [yardId], 'YARD_UNKNOWN');
      await refuseUnknown(tx, SaddleEntity, who.practiceId, [ridesIn?.saddleId ?? null], 'SADDLE_UNKNOWN');
    },
  });
