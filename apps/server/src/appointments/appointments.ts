import { type DataSource } from 'typeorm';
import { HorseEntity } from '../horses/horse.entity';
import { type MergeCollection, mergeCollection } from '../records/merge-collection';
import { refuseUnknown } from '../records/refuse-unknown';
import { AppointmentEntity } from './appointment.entity';

/** Visits that are planned. */
export const appointments = (db: DataSource): MergeCollection<'appointment'> =>
  mergeCollection(db, {
    kind: 'appointment',
    entity: AppointmentEntity,
    after: async ({ tx, id, before }) => {
      if (before !== null) await tx.query('UPDATE appointment SET revision = revision + 1 WHERE id = ?', [id]);
    },
    guard: ({ tx, who, after }) => refuseUnknown(tx, HorseEntity, who.practiceId, [after.horseId], 'NOT_FOUND'),
  });
