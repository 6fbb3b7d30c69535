import { type DataSource } from 'typeorm';
import { secret } from '../platform/auth/secrets';
import { PersonEntity, type PersonRow, PracticeEntity } from './practice.entity';

interface Account {
  readonly practiceId: string;
  readonly practiceName: string;
  readonly personId: string;
  readonly personName: string;
  readonly email: string;
  readonly passwordHash: string;
}

/** Practices and the people who sign in to them. */
export interface Practices {
  isEmpty(): Promise<boolean>;
  addAccount(account: Account): Promise<void>;
  personByEmail(email: string): Promise<PersonRow | null>;
}

export function practices(db: DataSource): Practices {
  return {
    isEmpty: async () => (await db.getRepository(PracticeEntity).count()) === 0,
    addAccount: async (a) => {
      await db.transaction(async (tx) => {
        await tx.getRepository(PracticeEntity).save({ id: a.practiceId, name: a.practiceName });
        await tx.getRepository(PersonEntity).insert({
          id: a.personId,
          practiceId: a.practiceId,
          name: a.personName,
          email: a.email,
          passwordHash: a.passwordHash,
          sealKey: secret(),
        });
      });
    },
    personByEmail: (email) => db.getRepository(PersonEntity).findOneBy({ email }),
  };
}
