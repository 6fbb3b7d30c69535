import { EntitySchema } from 'typeorm';
import { idColumn } from '../db/id-column';

export interface SessionRow {
  tokenHash: string;
  personId: string;
  csrfToken: string;
  expiresAt: Date;
}
export const SessionEntity = new EntitySchema<SessionRow>({
  name: 'session',
  columns: {
    tokenHash: { type: 'char', length: 64, primary: true, name: 'token_hash' },
    personId: { ...idColumn, name: 'person_id' },
    csrfToken: { type: 'char', length: 43, name: 'csrf_token' },
    expiresAt: { type: 'datetime', precision: 3, name: 'expires_at' },
  },
});
