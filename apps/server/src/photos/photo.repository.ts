import { createHash } from 'node:crypto';
import { type Photo, type PhotoWrite, type OwnerPhoto, type SaddlePhoto, type TackPhoto } from '@fulcra/contract';
import { type DataSource, type EntityManager, type EntitySchema, IsNull, Not } from 'typeorm';
import { inOneWrite } from '../platform/db/in-one-write';
import { type ErrorCode } from '../platform/errors/registry';
import { FulcraError } from '../platform/errors/fulcra-error';
import { peopleNames } from '../practice/people-names';
import { SaddleEntity } from '../saddles/saddle.entity';
import { OwnerWordEntity } from '../owner-words/owner-word.entity';
import { TackCheckEntity } from '../tack/tack.entity';
import { lockedVisit } from '../visits/append-collection';
import { PhotoEntity, type PhotoRow, PieceEntity } from './photo.entity';
import { MOST_DOTS, pictureSize } from './picture-size';
import { heldAfter, isNewPhoto, refuseOneTooMany } from './photo-rules';

/** What a photo is of. */
export type PhotoOwner =
  { readonly visitId: string } | { readonly saddleId: string } | { readonly tackCheckId: string } | { readonly ownerWordId: string };
/** Whose photo it is; nobody of the practice where an owner sends it. */
interface Photographer {
  readonly practiceId: string;
  readonly personId: string | null;
}
const THE_OWNER = 'The owner';
/** A photo as it is kept, whatever it is of. */
type Kept = Omit<Photo, 'visitId'>;

/** Photos of visits, saddles and what was found on tack, taken in piece by piece so that a broken line costs one piece. */
export interface Photos {
  ofVisit(practiceId: string, visitId: string): Promise<Photo[]>;
  ofSaddles(practiceId: string): Promise<SaddlePhoto[]>;
  ofTackChecks(practiceId: string): Promise<TackPhoto[]>;
  ofOwnerWords(practiceId: string): Promise<OwnerPhoto[]>;
  /** Announces a photo; the same one twice is one. */
  announce<O extends PhotoOwner>(who: Photographer, owner: O, id: string, photo: PhotoWrite): Promise<Kept & O>;
  /** Adds the piece that begins where the last one ended; one already held is passed over. */
  addPiece<O extends PhotoOwner>(practiceId: string, owner: O, id: string, from: number, content: Buffer): Promise<Kept & O>;
  /** The whole picture; refused until all of it is held. */
  content(practiceId: string, owner: PhotoOwner, id: string): Promise<{ readonly mediaType: string; readonly bytes: Buffer }>;
}

/** Locks what the photo is of, so that what was counted stays so; another practice's is as good as none. */
async function lockOwner(tx: EntityManager, practiceId: string, owner: PhotoOwner): Promise<void> {
  if ('visitId' in owner) return void (await lockedVisit(tx, practiceId, owner.visitId));
  const [entity, id] = rowOf(owner);
  const found = await tx
    .getRepository<{ id: string; practiceId: string }>(entity)
    .findOne({ where: { id, practiceId }, lock: { mode: 'pessimistic_write' } });
  if (found === null) throw new FulcraError('NOT_FOUND');
}

/** Where a thing that has photos is kept, and its id. */
function rowOf(owner: Exclude<PhotoOwner, { visitId: string }>): readonly [EntitySchema, string] {
  if ('saddleId' in owner) return [SaddleEntity, owner.saddleId];
  return 'tackCheckId' in owner ? [TackCheckEntity, owner.tackCheckId] : [OwnerWordEntity, owner.ownerWordId];
}

async function announce(tx: EntityManager, who: Photographer, owner: PhotoOwner, id: string, photo: PhotoWrite): Promise<void> {
  const { practiceId, personId } = who;
  await lockOwner(tx, practiceId, owner);
  const table = tx.getRepository(PhotoEntity);
  const known = await table.findOneBy({ id });
  if (!isNewPhoto(known && { sha256: known.sha256, own: isOf(known, practiceId, owner) }, photo)) return;
  refuseOneTooMany(await table.countBy({ practiceId, ...owner }));
  const row = {
    id,
    practiceId,
    visitId: null,
    saddleId: null,
    tackCheckId: null,
    ownerWordId: null,
    ...owner,
    handId: personId,
    ...photo,
    takenAt: new Date(photo.takenAt),
    heldBytes: 0,
  };
  await table.insert(row);
}

/** @returns whether the photo is whole now; a piece already held is passed over, so that a late one takes nothing back */
async function addPiece(
  tx: EntityManager,
  practiceId: string,
  owner: PhotoOwner,
  id: string,
  from: number,
  content: Buffer,
): Promise<boolean> {
  const table = tx.getRepository(PhotoEntity);
  const row = await table.findOne({ where: { id, practiceId, ...owner }, lock: { mode: 'pessimistic_write' } });
  if (row === null) throw new FulcraError('NOT_FOUND');
  const heldBytes = heldAfter(row, from, content);
  if (heldBytes === null) return false;
  await tx.getRepository(PieceEntity).upsert({ photoId: id, fromByte: from, content }, ['photoId', 'fromByte']);
  await table.update({ id, practiceId }, { heldBytes });
  return heldBytes === row.bytes;
}

const isOf = (row: PhotoRow, practiceId: string, owner: PhotoOwner): boolean =>
  row.practiceId === practiceId && Object.entries(owner).every(([name, id]) => row[name as keyof PhotoRow] === id);

const OLDEST_FIRST = { takenAt: 'ASC', id: 'ASC' } as const;

export function photos(db: DataSource): Photos {
  const table = db.getRepository(PhotoEntity);
  const pieces = db.getRepository(PieceEntity);
  const find = async (practiceId: string, owner: PhotoOwner, id: string): Promise<PhotoRow> => {
    const row = await table.findOneBy({ id, practiceId, ...owner });
    if (row === null) throw new FulcraError('NOT_FOUND');
    return row;
  };
  const named = async <O>(practiceId: string, rows: readonly PhotoRow[], ownerOf: (row: PhotoRow) => O): Promise<(Kept & O)[]> => {
    const people = await peopleNames(db, practiceId);
    return rows.map((row) => ({ ...keptOf(row, row.handId === null ? THE_OWNER : people.get(row.handId)!), ...ownerOf(row) }));
  };
  const one = async <O>(row: PhotoRow, owner: O): Promise<Kept & O> => (await named(row.practiceId, [row], () => owner))[0]!;
  /** Photos of everything of one kind. */
  const ofAll = async <N extends 'saddleId' | 'tackCheckId' | 'ownerWordId'>(practiceId: string, name: N) =>
    named(
      practiceId,
      await table.find({ where: { practiceId, [name]: Not(IsNull()) }, order: OLDEST_FIRST }),
      (row) => ({ [name]: row[name]! }) as Record<N, string>,
    );
  const whole = async (id: string): Promise<Buffer> =>
    Buffer.concat((await pieces.find({ where: { photoId: id }, order: { fromByte: 'ASC' } })).map((p) => p.content));

  return {
    ofVisit: async (practiceId, visitId) =>
      named(practiceId, await table.find({ where: { practiceId, visitId }, order: OLDEST_FIRST }), () => ({ visitId })),
    ofSaddles: (practiceId) => ofAll(practiceId, 'saddleId'),
    ofTackChecks: (practiceId) => ofAll(practiceId, 'tackCheckId'),
    ofOwnerWords: (practiceId) => ofAll(practiceId, 'ownerWordId'),
    announce: async (who, owner, id, photo) => {
      await inOneWrite(db, (tx) => announce(tx, who, owner, id, photo));
      return one(await find(who.practiceId, owner, id), owner);
    },
    addPiece: async (practiceId, owner, id, from, content) => {
      const nowWhole = await inOneWrite(db, (tx) => addPiece(tx, practiceId, owner, id, from, content));
      const row = await find(practiceId, owner, id);
      if (nowWhole) await beginAgainIfBroken(row);
      return one(row, owner);
    },
    content: async (practiceId, owner, id) => {
      const row = await find(practiceId, owner, id);
      if (row.heldBytes < row.bytes) throw new FulcraError('PHOTO_NOT_WHOLE');
      return { mediaType: row.mediaType, bytes: await whole(id) };
    },
  };

  /** A picture that isn't what was announced, or isn't one, is emptied; what arrived damaged can be sent again from the start. */
  async function beginAgainIfBroken(row: PhotoRow): Promise<void> {
    const wrong = whatIsWrong(row, await whole(row.id));
    if (wrong === null) return;
    await pieces.delete({ photoId: row.id });
    await table.update({ id: row.id }, { heldBytes: 0 });
    throw new FulcraError(wrong);
  }
}

/** Why a picture that arrived to its last piece isn't kept; null where it is. */
function whatIsWrong({ sha256, mediaType }: Pick<PhotoRow, 'sha256' | 'mediaType'>, bytes: Buffer): ErrorCode | null {
  if (createHash('sha256').update(bytes).digest('hex') !== sha256) return 'PHOTO_BROKEN';
  const size = pictureSize(mediaType, bytes);
  if (size === null) return 'PHOTO_NOT_A_PICTURE';
  return size.width * size.height > MOST_DOTS ? 'PHOTO_TOO_MANY_DOTS' : null;
}

const keptOf = (
  { practiceId: _, handId: __, visitId: ___, saddleId: ____, tackCheckId: _____, ownerWordId: ______, takenAt, ...rest }: PhotoRow,
  hand: string,
): Kept => ({
  ...rest,
  takenAt: takenAt.toISOString(),
  hand,
});
