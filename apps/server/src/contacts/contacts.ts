import { type DataSource } from 'typeorm';
import { type MergeCollection, mergeCollection } from '../records/merge-collection';
import { refuseUnknown } from '../records/refuse-unknown';
import { ContactEntity, YardEntity } from './contact.entity';

/** Owners, payers and whoever else a practice deals with. */
export const contacts = (db: DataSource): MergeCollection<'contact'> => mergeCollection(db, { kind: 'contact', entity: ContactEntity });

/** Where horses stand. */
export const yards = (db: DataSource): MergeCollection<'yard'> =>
  mergeCollection(db, {
    kind: 'yard',
    entity: YardEntity,
    guard: ({ tx, who, after }) => refuseUnknown(tx, ContactEntity, who.practiceId, [after.contactId], 'CONTACT_UNKNOWN'),
  });
