import { EntitySchema } from 'typeorm';
import { idColumn, keyColumn, text } from '../platform/db/id-column';

export interface PracticeRow {
  id: string;
  name: string;
}
export const PracticeEntity = new EntitySchema<PracticeRow>({
  name: 'practice',
  columns: { id: keyColumn, name: text(120) },
});

export interface PersonRow {
  id: string;
  practiceId: string;
  name: string;
  email: string;
  passwordHash: string;
  /** Seals what this person leaves unsent on a device: 256 bits, known to the device only while they are signed in. */
  sealKey: string;
}
export const PersonEntity = new EntitySchema<PersonRow>({
  name: 'person',
  columns: {
    id: keyColumn,
    practiceId: { ...idColumn, name: 'practice_id' },
    name: text(120),
    email: text(200),
    passwordHash: { ...text(255), name: 'password_hash' },
    sealKey: { type: 'char', length: 43, name: 'seal_key' },
  },
});
