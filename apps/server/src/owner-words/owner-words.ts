import { type OwnerWord, type OwnerWordBody, tackCheckWriteSchema } from '@fulcra/contract';
import { isDeepStrictEqual } from 'node:util';
import { type DataSource, type EntityManager } from 'typeorm';
import { v7 } from 'uuid';
import { inUseOfHorse } from '../horses/in-use';
import { countForLink } from '../platform/link-day';
import { holdHorse } from '../horses/standing';
import { inOneWrite } from '../platform/db/in-one-write';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type MergeCollection, mergeCollection } from '../records/merge-collection';
import { TackCheckEntity } from '../tack/tack.entity';
import { OwnerWordEntity } from './owner-word.entity';
import { refuseRewording } from './owner-word-rules';

/** So many words of one horse wait at most, so that a link that got about fills nothing. */
const MOST_WAITING_WORDS = 40;

/** Whose word it is, and of which horse. */
interface OfOwner {
  readonly practiceId: string;
  readonly horseId: string;
  readonly ownerName: string;
  /** The link it came through. */
  readonly id: string;
}

export interface OwnerWords extends MergeCollection<'ownerWord'> {
  /** What an owner says through a link; the same one twice is one. */
  say(from: OfOwner, id: string, body: OwnerWordBody, now: Date): Promise<OwnerWord>;
  /** Newest first. */
  ofHorse(practiceId: string, horseId: string): Promise<OwnerWord[]>;
}

/** The saddle the horse is ridden in is held from now on, until a walk that knows of this fall looked at its tree; where none is known, the word itself says it. */
async function noteFall(
  tx: EntityManager,
  { id: wordId, practiceId, horseId, ownerName, madeAt }: OwnerWord & { readonly practiceId: string },
) {
  const { saddle } = await inUseOfHorse((sql, values) => tx.query(sql, values), horseId);
  if (saddle === null) return;
  const check = tackCheckWriteSchema.parse({
    ...{ itemKind: 'saddle', itemId: saddle.saddleId, madeAt, hand: ownerName, source: 'owner', round: 'monthly' },
    ...{ found: [], mended: null, fall: { horseId, wordId }, withdrawn: false },
  });
  await tx.getRepository(TackCheckEntity).insert({ id: v7(), practiceId, ...check });
}

/** What owners said. The practice takes it up and changes nothing of it. */
export function ownerWords(db: DataSource): OwnerWords {
  const table = db.getRepository(OwnerWordEntity);
  const sentOut = ({ practiceId: _, ...word }: OwnerWord & { practiceId: string }): OwnerWord => word;
  return {
    ...mergeCollection(db, {
      kind: 'ownerWord',
      entity: OwnerWordEntity,
      guard: async ({ who, before, after }) => refuseRewording(before, after, who.personName),
    }),
    ofHorse: async (practiceId, horseId) =>
      (await table.find({ where: { practiceId, horseId }, order: { madeAt: 'DESC', id: 'DESC' }, take: 100 })).map(sentOut),
    say: async ({ id: linkId, practiceId, horseId, ownerName }, id, body, now) => {
      const word = { id, practiceId, horseId, ownerName, madeAt: now.toISOString(), body, takenUp: null };
      await inOneWrite(db, async (tx) => {
        const rows = tx.getRepository(OwnerWordEntity);
        const known = await rows.findOneBy({ id });
        if (known !== null) {
          if (known.practiceId !== practiceId || known.horseId !== horseId) throw new FulcraError('NOT_FOUND');
          if (!isDeepStrictEqual(known.body, body)) throw new FulcraError('FACT_IMMUTABLE');
          return;
        }
        // two at once are counted one after the other, and the saddle it is ridden in stays what it is meanwhile
        await holdHorse(tx, practiceId, horseId);
        const waiting = await rows.findBy({ practiceId, horseId });
        if (waiting.filter((w) => w.takenUp === null).length >= MOST_WAITING_WORDS) throw new FulcraError('WORDS_FULL');
        await countForLink(tx, linkId, 'words', 1, now);
        await rows.insert(word);
        if (body.kind === 'changed' && body.what.includes('fell')) await noteFall(tx, word);
      });
      return sentOut(await table.findOneByOrFail({ id }));
    },
  };
}
