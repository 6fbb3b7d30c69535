import { type Binned } from '@fulcra/contract';
import { EntitySchema, Raw } from 'typeorm';
import { idColumn, keyColumn, text } from '../platform/db/id-column';

export interface BinnedRow extends Binned {
  practiceId: string;
}
export const BinnedEntity = new EntitySchema<BinnedRow>({
  name: 'binned',
  columns: {
    id: keyColumn,
    practiceId: { ...idColumn, name: 'practice_id' },
    kind: text(20),
    name: text(120),
    at: { ...text(30), name: 'binned_at' },
    by: { ...text(120), name: 'binned_by' },
    restored: { type: 'boolean', transformer: { to: (v: boolean) => v, from: Boolean } },
  },
});

/** Whether something is out of sight, as a part of a question in SQL; `of` is its id there. */
export const inBin = (of: string): string => `EXISTS (SELECT 1 FROM binned b WHERE b.id = ${of} AND b.restored = 0)`;

/** Only what isn't, where rows are looked for by their columns. */
export const NOT_IN_BIN = Raw<string>((id) => `NOT ${inBin(id)}`);
