import { type MadeLink, type OwnerLink } from '@fulcra/contract';
import { addDays } from 'date-fns';
import { And, type DataSource, Equal } from 'typeorm';
import { v7 } from 'uuid';
import { HorseEntity } from '../horses/horse.entity';
import { hashOf, linkSecret } from '../platform/auth/secrets';
import { type SignedIn } from '../platform/auth/session.repository';
import { FulcraError } from '../platform/errors/fulcra-error';
import { NOT_IN_BIN } from '../records/in-bin';
import { OwnerLinkEntity, type OwnerLinkRow } from './owner.entity';

/** Links that show one horse to its owner without an account. */
export interface OwnerLinks {
  /** The secret is told here and never again. */
  make(who: SignedIn, horseId: string, ownerName: string, days: number, now: Date): Promise<MadeLink>;
  ofHorse(practiceId: string, horseId: string): Promise<OwnerLink[]>;
  revoke(practiceId: string, id: string, now: Date): Promise<OwnerLink>;
  /** The link a secret opens. One that is unknown, has expired or was revoked is as good as none. @throws LINK_UNKNOWN */
  open(token: string, now: Date): Promise<OwnerLinkRow>;
}

const sentOut = ({ practiceId: _, tokenHash: __, madeAt, expiresAt, revokedAt, ...link }: OwnerLinkRow): OwnerLink => ({
  ...link,
  madeAt: madeAt.toISOString(),
  expiresAt: expiresAt.toISOString(),
  revokedAt: revokedAt?.toISOString() ?? null,
});

export function ownerLinks(db: DataSource): OwnerLinks {
  const table = db.getRepository(OwnerLinkEntity);
  return {
    make: async (who, horseId, ownerName, days, now) => {
      const known = await db.getRepository(HorseEntity).existsBy({ id: horseId, practiceId: who.practiceId });
      if (!known) throw new FulcraError('NOT_FOUND');
      const token = linkSecret();
      const row: OwnerLinkRow = {
        ...{ id: v7(), practiceId: who.practiceId, horseId, tokenHash: hashOf(token), ownerName },
        ...{ madeBy: who.personName, madeAt: now, expiresAt: addDays(now, days), revokedAt: null },
      };
      await table.insert(row);
      return { ...sentOut(row), token };
    },
    ofHorse: async (practiceId, horseId) => {
      if (!(await db.getRepository(HorseEntity).existsBy({ id: horseId, practiceId }))) throw new FulcraError('NOT_FOUND');
      return (await table.find({ where: { practiceId, horseId }, order: { madeAt: 'DESC', id: 'DESC' } })).map(sentOut);
    },
    revoke: async (practiceId, id, now) => {
      const row = await table.findOneBy({ id, practiceId });
      if (row === null) throw new FulcraError('NOT_FOUND');
      if (row.revokedAt === null) await table.update({ id }, { revokedAt: now });
      return sentOut({ ...row, revokedAt: row.revokedAt ?? now });
    },
    open: async (token, now) => {
      const row = await table.findOneBy({ tokenHash: hashOf(token) });
      if (row === null || row.revokedAt !== null || row.expiresAt <= now) throw new FulcraError('LINK_UNKNOWN');
      const { practiceId, horseId } = row;
      const horse = await db.getRepository(HorseEntity).findOneBy({ practiceId, id: And(Equal(horseId), NOT_IN_BIN) });
      // put away, sold, moved or dead: nothing more is shown of it
      if (horse === null || horse.gone !== null) throw new FulcraError('LINK_UNKNOWN');
      return row;
    },
  };
}
