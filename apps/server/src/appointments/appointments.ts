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
    guard: ({ tx, who, after }) => refuseUnknown(tx, HorseEntity, who.practiceId, [after.horseId], 'NOT_FOUND'),
  });
