import { EntitySchema } from 'typeorm';
import { idColumn } from '../platform/db/id-column';

export interface CalendarFeedRow {
  tokenHash: string;
  practiceId: string;
  personId: string;
  madeAt: Date;
}
export const CalendarFeedEntity = new EntitySchema<CalendarFeedRow>({
  name: 'calendar_feed',
  columns: {
    tokenHash: { type: 'char', length: 64, primary: true, name: 'token_hash' },
    practiceId: { ...idColumn, name: 'practice_id' },
    personId: { ...idColumn, name: 'person_id' },
    madeAt: { type: 'datetime', precision: 3, name: 'made_at' },
  },
});
