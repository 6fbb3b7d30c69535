import { type Order } from '@fulcra/contract';
import { And, type DataSource, EntitySchema, Equal } from 'typeorm';
import { ContactEntity } from '../contacts/contact.entity';
import { HorseEntity } from '../horses/horse.entity';
import { idColumn, json, keyColumn, text } from '../platform/db/id-column';
import { NOT_IN_BIN } from '../records/in-bin';
import { type MergeCollection, mergeCollection } from '../records/merge-collection';
import { refuseUnknown } from '../records/refuse-unknown';
import { SaddleEntity } from '../saddles/saddle.entity';
import { VisitEntity } from '../visits/visit.entity';
import { refuseStrangeStep, refuseUnseen } from './order-rules';

export interface OrderRow extends Order {
  practiceId: string;
}
export const OrderEntity = new EntitySchema<OrderRow>({
  name: 'work_order',
  columns: {
    id: keyColumn,
    practiceId: { ...idColumn, name: 'practice_id' },
    horseId: { ...idColumn, name: 'horse_id' },
    visitId: { ...idColumn, nullable: true, name: 'visit_id' },
    saddleId: { ...idColumn, nullable: true, name: 'saddle_id' },
    contactId: { ...idColumn, nullable: true, name: 'contact_id' },
    title: text(120),
    lines: json(),
    dueOn: { type: 'date', nullable: true, name: 'due_on' },
    note: { type: 'text' },
    state: text(20),
    history: json(),
  },
});

/** Work that a bench does for the practice. */
export const orders = (db: DataSource): MergeCollection<'order'> =>
  mergeCollection(db, {
    kind: 'order',
    entity: OrderEntity,
    guard: async ({ tx, who: { practiceId, personName }, before, after }) => {
      await refuseUnknown(tx, HorseEntity, practiceId, [after.horseId], 'NOT_FOUND');
      await refuseUnknown(tx, VisitEntity, practiceId, [after.visitId], 'NOT_FOUND');
      await refuseUnknown(tx, SaddleEntity, practiceId, [after.saddleId], 'SADDLE_UNKNOWN');
      await refuseUnknown(tx, ContactEntity, practiceId, [after.contactId], 'CONTACT_UNKNOWN');
      refuseStrangeStep(before, after, personName);
      await refuseUnseen(before, after, (id) => tx.getRepository(VisitEntity).findOneBy({ id: And(Equal(id), NOT_IN_BIN), practiceId }));
    },
  });
