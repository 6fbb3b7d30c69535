import { type Contact, type Yard } from '@fulcra/contract';
import { EntitySchema } from 'typeorm';
import { idColumn, json, keyColumn, text } from '../platform/db/id-column';

export interface ContactRow extends Contact {
  practiceId: string;
}
export const ContactEntity = new EntitySchema<ContactRow>({
  name: 'contact',
  columns: {
    id: keyColumn,
    practiceId: { ...idColumn, name: 'practice_id' },
    name: text(120),
    email: text(200),
    phone: text(60),
    remind: { type: 'boolean', transformer: { to: (v: boolean) => v, from: Boolean } },
    note: { type: 'text' },
  },
});

export interface YardRow extends Yard {
  practiceId: string;
}
export const YardEntity = new EntitySchema<YardRow>({
  name: 'yard',
  columns: {
    id: keyColumn,
    practiceId: { ...idColumn, name: 'practice_id' },
    name: text(120),
    address: text(500),
    place: json(),
    contactId: { ...idColumn, nullable: true, name: 'contact_id' },
    note: { type: 'text' },
  },
});
