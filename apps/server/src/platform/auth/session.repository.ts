import { addDays } from 'date-fns';
import { type DataSource, LessThan } from 'typeorm';
import { hashOf, secret } from './secrets';
import { SessionEntity } from './session.entity';

/** Who is asking; every repository takes its practice from here. */
export interface SignedIn {
  readonly personId: string;
  readonly personName: string;
  readonly practiceId: string;
  readonly practiceName: string;
  readonly csrfToken: string;
  readonly sealKey: string;
}

export const SESSION_DAYS = 30;

export interface Sessions {
  /** @returns the token for the cookie; only its hash is stored */
  open(personId: string, now: Date): Promise<string>;
  find(token: string, now: Date): Promise<SignedIn | null>;
  close(token: string): Promise<void>;
}

const FIND = `SELECT s.csrf_token AS csrfToken, p.seal_key AS sealKey, p.id AS personId, p.name AS personName, r.id AS practiceId, r.name AS practiceName
  FROM session s JOIN person p ON p.id = s.person_id JOIN practice r ON r.id = p.practice_id
  WHERE s.token_hash = ? AND s.expires_at > ?`;

export function sessions(db: DataSource): Sessions {
  const table = db.getRepository(SessionEntity);
  return {
    open: async (personId, now) => {
      const token = secret();
      await table.delete({ expiresAt: LessThan(now) });
      await table.insert({
        tokenHash: hashOf(token),
        personId,
        csrfToken: secret(),
        expiresAt: addDays(now, SESSION_DAYS),
      });
      return token;
    },
    find: async (token, now) => {
      const rows: SignedIn[] = await db.query(FIND, [hashOf(token), now]);
      return rows[0] ?? null;
    },
    close: async (token) => {
      await table.delete({ tokenHash: hashOf(token) });
    },
  };
}
