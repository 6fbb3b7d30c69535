import { EntitySchema } from 'typeorm';
import { type Horse } from '@fulcra/contract';
import { idColumn, json, keyColumn, text } from '../platform/db/id-column';
import { type HorseStanding } from './standing';

export interface HorseRow extends Horse {
  practiceId: string;
}
/** Written by `standing.ts` alone, read by the yard's list. */
const kept = { select: false, insert: false, update: false } as const;

export const HorseEntity = new EntitySchema<HorseRow & Partial<HorseStanding>>({
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
    inBin: { ...kept, type: 'boolean', name: 'in_bin' },
    lastVisitOn: { ...kept, type: 'date', nullable: true, name: 'last_visit_on' },
    openVisitId: { ...kept, ...idColumn, nullable: true, name: 'open_visit_id' },
    openVisitOn: { ...kept, type: 'date', nullable: true, name: 'open_visit_on' },
    ridesIn: json('rides_in'),
    gone: json(),
    outline: { ...kept, type: 'longtext', nullable: true },
    inUse: { ...kept, type: 'longtext', name: 'in_use' },
  },
});
