import { EntitySchema } from 'typeorm';
import { idColumn, keyColumn, text } from '../db/id-column';

const at = (name: string) => ({ type: 'datetime', precision: 3, name, createDate: true }) as const;

/** A try to sign in that failed, or isn't decided yet. */
export const SignInFailureEntity = new EntitySchema<{ id: string; accountHash: string; address: string; failedAt: Date }>({
  name: 'sign_in_failure',
  columns: {
    id: keyColumn,
    accountHash: { type: 'char', length: 64, name: 'account_hash' },
    address: text(64),
    failedAt: at('failed_at'),
  },
});

/** A browser somebody signed in with before; only the hash of its secret is kept. */
export const KnownDeviceEntity = new EntitySchema<{ tokenHash: string; personId: string; seenAt: Date }>({
  name: 'known_device',
  columns: {
    tokenHash: { type: 'char', length: 64, primary: true, name: 'token_hash' },
    personId: { ...idColumn, name: 'person_id' },
    seenAt: at('seen_at'),
  },
});
