import { type Girth, type TackCheckKept } from '@fulcra/contract';
import { EntitySchema } from 'typeorm';
import { idColumn, json, keyColumn, text } from '../platform/db/id-column';

export interface GirthRow extends Girth {
  practiceId: string;
}
export const GirthEntity = new EntitySchema<GirthRow>({
  name: 'girth',
  columns: {
    id: keyColumn,
    practiceId: { ...idColumn, name: 'practice_id' },
    name: text(120),
    lengthMm: { type: 'double', nullable: true, name: 'length_mm' },
    material: text(20),
    elastic: text(20),
    newOn: { type: 'date', nullable: true, name: 'new_on' },
    saddleId: { ...idColumn, nullable: true, name: 'saddle_id' },
    note: { type: 'text' },
  },
});

export interface TackCheckRow extends TackCheckKept {
  practiceId: string;
}
export const TackCheckEntity = new EntitySchema<TackCheckRow>({
  name: 'tack_check',
  columns: {
    id: keyColumn,
    practiceId: { ...idColumn, name: 'practice_id' },
    itemKind: { ...text(20), name: 'item_kind' },
    itemId: { ...idColumn, name: 'item_id' },
    /** As the device said it: order only, never a measure. */
    madeAt: { ...text(30), name: 'made_at' },
    hand: text(120),
    source: text(20),
    round: text(20),
    found: json(),
    mended: json(),
    fall: json(),
    answers: json(),
    withdrawn: { type: 'boolean' },
  },
});
