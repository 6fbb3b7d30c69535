import { EntitySchema } from 'typeorm';
import { type Horse } from '@fulcra/contract';
import { idColumn, json, keyColumn, text } from '../platform/db/id-column';

export interface HorseRow extends Horse {
  practiceId: string;
}
export const HorseEntity = new EntitySchema<HorseRow>({
  name: 'horse',
  columns: {
    id: keyColumn,
    practiceId: { ...idColumn, name: 'practice_id' },
    name: text(120),
    kind: text(120),
    bornYear: { type: 'int', nullable: true, name: 'born_year' },
    heightMm: { type: 'double', nullable: true, name: 'height_mm' },
    note: { type: 'text' },
    sex: text(20),
    riderIds: json('rider_ids'),
    ownerId: { ...idColumn, nullable: true, name: 'owner_id' },
    payerId: { ...idColumn, nullable: true, name: 'payer_id' },
    yardId: { ...idColumn, nullable: true, name: 'yard_id' },
  },
});
