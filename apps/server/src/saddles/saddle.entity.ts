import { EntitySchema } from 'typeorm';
import { type Saddle } from '@fulcra/contract';
import { idColumn, json, keyColumn, text } from '../platform/db/id-column';

export interface SaddleRow extends Saddle {
  practiceId: string;
}
export const SaddleEntity = new EntitySchema<SaddleRow>({
  name: 'saddle',
  columns: {
    id: keyColumn,
    practiceId: { ...idColumn, name: 'practice_id' },
    name: text(120),
    maker: text(120),
    kind: text(20),
    change: { ...text(20), name: 'width_change' },
    front: json(),
    build: json(),
    seat: json(),
    whereabouts: text(200),
    serial: text(60),
    note: { type: 'text' },
  },
});
