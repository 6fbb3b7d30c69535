import { type StoredBody } from '@fulcra/contract';
import { EntitySchema } from 'typeorm';
import { idColumn, json, keyColumn } from '../platform/db/id-column';

export interface FactRow {
  id: string;
  /** Its place in the practice's counting: a device's clock may be wrong by a year. */
  seq?: string;
  practiceId: string;
  visitId: string;
  handId: string;
  madeAt: Date;
  body: StoredBody;
  withdrawn: boolean;
}
export const FactEntity = new EntitySchema<FactRow>({
  name: 'visit_fact',
  columns: {
    id: keyColumn,
    seq: { type: 'bigint' },
    practiceId: { ...idColumn, name: 'practice_id' },
    visitId: { ...idColumn, name: 'visit_id' },
    handId: { ...idColumn, name: 'hand_id' },
    madeAt: { type: 'datetime', precision: 3, name: 'made_at' },
    body: json(),
    withdrawn: { type: 'boolean' },
  },
});
