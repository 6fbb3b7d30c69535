import { type DataSource } from 'typeorm';
import { hashOf, secret } from './secrets';

/** Browsers that somebody signed in with before, each by the hash of its secret. */
export const knownDevices = (db: DataSource) => ({
  /** The device, where it is known as one of this account's: another's, and none, are as good as unknown. */
  ofAccount: async (token: string | undefined, email: string): Promise<string | null> => {
    if (token === undefined) return null;
    const own = 'SELECT 1 FROM known_device d JOIN person p ON p.id = d.person_id WHERE d.token_hash = ? AND p.email = ?';
    return (await db.query<unknown[]>(own, [hashOf(token), email])).length > 0 ? hashOf(token) : null;
  },
  /** @returns the secret for the browser's cookie; only its hash is stored */
  remember: async (personId: string): Promise<string> => {
    const token = secret();
    await db.query('INSERT INTO known_device (token_hash, person_id) VALUES (?, ?)', [hashOf(token), personId]);
    return token;
  },
});
