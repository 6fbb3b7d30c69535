import { EntitySchema } from 'typeorm';
import { idColumn, keyColumn, text } from '../platform/db/id-column';

export interface OwnerLinkRow {
  id: string;
  practiceId: string;
  horseId: string;
  tokenHash: string;
  ownerName: string;
  madeBy: string;
  madeAt: Date;
  expiresAt: Date;
  revokedAt: Date | null;
}
export const OwnerLinkEntity = new EntitySchema<OwnerLinkRow>({
  name: 'owner_link',
  columns: {
    id: keyColumn,
    practiceId: { ...idColumn, name: 'practice_id' },
    horseId: { ...idColumn, name: 'horse_id' },
    tokenHash: { type: 'char', length: 64, name: 'token_hash' },
    ownerName: { ...text(120), name: 'owner_name' },
    madeBy: { ...text(120), name: 'made_by' },
    madeAt: { type: 'datetime', precision: 3, name: 'made_at' },
    expiresAt: { type: 'datetime', precision: 3, name: 'expires_at' },
    revokedAt: { type: 'datetime', precision: 3, name: 'revoked_at', nullable: true },
  },
});
