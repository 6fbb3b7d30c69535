import { type Rider, type RiderMeasuresTaken } from '@fulcra/contract';
import { EntitySchema } from 'typeorm';
import { idColumn, json, keyColumn, text } from '../platform/db/id-column';

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
    purposes: json(),
    injuries: json(),
    offLegLongerMm: { type: 'double', nullable: true, name: 'off_leg_longer_mm' },
    uneven: json(),
  },
});

export interface RiderMeasuresRow extends RiderMeasuresTaken {
  practiceId: string;
}
export const RiderMeasuresEntity = new EntitySchema<RiderMeasuresRow>({
  name: 'rider_measures',
  columns: {
    id: keyColumn,
    practiceId: { ...idColumn, name: 'practice_id' },
    riderId: { ...idColumn, name: 'rider_id' },
    takenOn: { type: 'date', name: 'taken_on' },
    hand: text(120),
    lengthsMm: json('lengths_mm'),
    withdrawn: { type: 'boolean' },
  },
});
