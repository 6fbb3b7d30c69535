import { type Leather, type LeatherTaken } from '@fulcra/contract';
import { EntitySchema } from 'typeorm';
import { idColumn, json, keyColumn, text } from '../platform/db/id-column';

export interface LeatherRow extends Leather {
  practiceId: string;
}
export const LeatherEntity = new EntitySchema<LeatherRow>({
  name: 'leather',
  columns: {
    id: keyColumn,
    practiceId: { ...idColumn, name: 'practice_id' },
    name: text(120),
    kind: text(20),
    spacingMm: { type: 'double', name: 'spacing_mm' },
    holes: { type: 'int' },
    firstHole: { type: 'int', name: 'first_hole' },
    newOn: { type: 'date', nullable: true, name: 'new_on' },
    eyeToTreadMm: { type: 'double', name: 'eye_to_tread_mm' },
    ironWidthMm: { type: 'double', nullable: true, name: 'iron_width_mm' },
    riderId: { ...idColumn, nullable: true, name: 'rider_id' },
    saddleId: { ...idColumn, nullable: true, name: 'saddle_id' },
    note: { type: 'text' },
  },
});

export interface LeatherTakeRow extends LeatherTaken {
  practiceId: string;
}
export const LeatherTakeEntity = new EntitySchema<LeatherTakeRow>({
  name: 'leather_take',
  columns: {
    id: keyColumn,
    practiceId: { ...idColumn, name: 'practice_id' },
    leatherId: { ...idColumn, name: 'leather_id' },
    takenOn: { type: 'date', name: 'taken_on' },
    hand: text(120),
    way: text(20),
    near: json(),
    off: json(),
    second: json(),
    withdrawn: { type: 'boolean' },
  },
});
