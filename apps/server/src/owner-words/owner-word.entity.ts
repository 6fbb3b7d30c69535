import { type OwnerWord } from '@fulcra/contract';
import { EntitySchema } from 'typeorm';
import { idColumn, json, keyColumn, text } from '../platform/db/id-column';

export interface OwnerWordRow extends OwnerWord {
  practiceId: string;
}
export const OwnerWordEntity = new EntitySchema<OwnerWordRow>({
  name: 'owner_word',
  columns: {
    id: keyColumn,
    practiceId: { ...idColumn, name: 'practice_id' },
    horseId: { ...idColumn, name: 'horse_id' },
    ownerName: { ...text(120), name: 'owner_name' },
    madeAt: { ...text(30), name: 'made_at' },
    body: json(),
    takenUp: json('taken_up'),
  },
});
