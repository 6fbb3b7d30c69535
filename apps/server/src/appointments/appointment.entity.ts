import { type Appointment } from '@fulcra/contract';
import { EntitySchema } from 'typeorm';
import { idColumn, keyColumn, text } from '../platform/db/id-column';

export interface AppointmentRow extends Appointment {
  practiceId: string;
  /** Raised by each change: calendars take the higher one. */
  revision?: number;
}
export const AppointmentEntity = new EntitySchema<AppointmentRow>({
  name: 'appointment',
  columns: {
    id: keyColumn,
    practiceId: { ...idColumn, name: 'practice_id' },
    horseId: { ...idColumn, name: 'horse_id' },
    on: { type: 'date', name: 'on_day' },
    at: { ...text(5), name: 'at_time' },
    minutes: { type: 'int' },
    reason: text(20),
    fitter: text(120),
    state: text(20),
    note: { type: 'text' },
    revision: { type: 'int', insert: false, update: false },
  },
});
