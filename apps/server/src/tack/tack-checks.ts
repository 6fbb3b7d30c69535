import { type TackKind } from '@fulcra/core';
import { type DataSource, type EntityManager, type EntitySchema, In } from 'typeorm';
import { LeatherEntity } from '../leathers/leather.entity';
import { FulcraError } from '../platform/errors/fulcra-error';
import { refuseAltered } from '../records/dated-rules';
import { type MergeCollection, type OwnedRow, mergeCollection } from '../records/merge-collection';
import { SaddleEntity } from '../saddles/saddle.entity';
import { GirthEntity, TackCheckEntity } from './tack.entity';
import { refuseInOwnersName, refuseQuietClearing, refuseStrangeAnswer, refuseStrangeMending } from './tack-rules';

const ITEMS: Readonly<Record<TackKind, EntitySchema<never>>> = {
  saddle: SaddleEntity as EntitySchema<never>,
  leather: LeatherEntity as EntitySchema<never>,
  girth: GirthEntity as EntitySchema<never>,
};

/** Whether a practice has this item. */
async function hasItem(tx: EntityManager, practiceId: string, kind: TackKind, id: string): Promise<boolean> {
  return tx.getRepository<OwnedRow>(ITEMS[kind]).existsBy({ practiceId, id });
}

/** What was found on tack, and what was mended, each a record of its own. */
export const tackChecks = (db: DataSource): MergeCollection<'tackCheck'> =>
  mergeCollection(db, {
    kind: 'tackCheck',
    entity: TackCheckEntity,
    guard: async ({ tx, who, before, after }) => {
      refuseInOwnersName(before, after);
      // what an owner said is withdrawn by whoever looks after the practice's tack
      refuseAltered(before, after, who.personName);
      refuseQuietClearing(before, after);
      if (!(await hasItem(tx, who.practiceId, after.itemKind, after.itemId))) throw new FulcraError('TACK_ITEM_UNKNOWN');
      const ids = [...(after.mended?.clears ?? []), ...after.answers];
      if (ids.length === 0) return;
      const named = await tx.getRepository(TackCheckEntity).findBy({ practiceId: who.practiceId, id: In(ids) });
      refuseStrangeMending(after, named);
      refuseStrangeAnswer(after, named);
    },
  });

/** Girths and cinches of one practice. */
export const girths = (db: DataSource): MergeCollection<'girth'> =>
  mergeCollection(db, {
    kind: 'girth',
    entity: GirthEntity,
    guard: async ({ tx, who: { practiceId }, after: { saddleId } }) => {
      if (saddleId !== null && !(await hasItem(tx, practiceId, 'saddle', saddleId))) throw new FulcraError('SADDLE_UNKNOWN');
    },
  });
