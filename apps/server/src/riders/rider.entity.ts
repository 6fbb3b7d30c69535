import { type Rider } from '@fulcra/contract';
import { EntitySchema } from 'typeorm';
import { idColumn, keyColumn, text } from '../platform/db/id-column';

export interface RiderRow extends Rider {
  practiceId: string;
}
export const RiderEntity = new EntitySchema<RiderRow>({
  name: 'rider',
  columns: {
    id: keyColumn,
    practiceId: { ...idColumn, name: 'practice_id' },
    name: text(120),
    heightMm: { type: 'double', nullable: true, name: 'height_mm' },
    weightKg: { type: 'double', nullable: true, name: 'weight_kg' },
    note: { type: 'text' },
  },
});
