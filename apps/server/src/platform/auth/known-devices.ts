import { type DataSource } from 'typeorm';
import { hashOf, secret } from './secrets';

/** Browsers that somebody signed in with before. */
export const knownDevices = (db: DataSource) => ({
  isKnown: async (token: string | undefined): Promise<boolean> => {
    if (token === undefined) return false;
    return (await db.query<unknown[]>('SELECT 1 FROM known_device WHERE token_hash = ?', [hashOf(token)])).length > 0;
  },
  /** @returns the secret for the browser's cookie; only its hash is stored */
  remember: async (personId: string): Promise<string> => {
    const token = secret();
    await db.query('INSERT INTO known_device (token_hash, person_id) VALUES (?, ?)', [hashOf(token), personId]);
    return token;
  },
});
