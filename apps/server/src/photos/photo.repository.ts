import {
  type Photo,
  type PhotoRoom,
  type PhotoWrite,
  type OwnerPhoto,
  type PictureSize,
  type SaddlePhoto,
  type TackPhoto,
} from '@fulcra/contract';
import { type DataSource, type EntityManager, type EntitySchema, type FindOptionsWhere, IsNull, Not } from 'typeorm';
import { inOneWrite } from '../platform/db/in-one-write';
import { FulcraError } from '../platform/errors/fulcra-error';
import { rowsAndNames } from '../practice/people-names';
import { SaddleEntity } from '../saddles/saddle.entity';
import { OwnerWordEntity } from '../owner-words/owner-word.entity';
import { countForLink } from '../platform/link-day';
import { TackCheckEntity } from '../tack/tack.entity';
import { lockedVisit } from '../visits/append-collection';
import { openAndKeep, smallPicture, waitsToBeOpened, wholePicture } from './opening';
import { PhotoEntity, type PhotoRow, PieceEntity } from './photo.entity';
import { heldAfter, isNewPhoto, refuseOneTooMany, refusePastQuota } from './photo-rules';
import { PracticeEntity } from '../practice/practice.entity';

/** What a photo is of. */
export type PhotoOwner =
  { readonly visitId: string } | { readonly saddleId: string } | { readonly tackCheckId: string } | { readonly ownerWordId: string };
/** Whose photo it is; nobody of the practice where an owner sends it. */
interface Photographer {
  readonly practiceId: string;
  readonly personId: string | null;
  /** The owner's link it comes through. */
  readonly linkId?: string;
}

/** The bytes of a photo from one place on, and the owner's link they come through. */
interface PieceOfPhoto {
  readonly from: number;
  readonly content: Buffer;
  readonly linkId?: string;
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
  addPiece<O extends PhotoOwner>(practiceId: string, owner: O, id: string, piece: PieceOfPhoto): Promise<Kept & O>;
  /** The whole picture, or the small one of it; refused until all of it is held. */
  content(practiceId: string, owner: PhotoOwner, id: string, size: PictureSize): Promise<Picture>;
  /** How much of its room a practice has used. */
  room(practiceId: string): Promise<PhotoRoom>;
}
interface Picture {
  readonly mediaType: string;
  readonly bytes: Buffer;
}

/** Locks what the photo is of, so that what was counted stays so; another practice's is as good as none. */
async function lockOwner(tx: EntityManager, practiceId: string, owner: PhotoOwner): Promise<{ readonly closed: boolean }> {
  if ('visitId' in owner) return { closed: (await lockedVisit(tx, practiceId, owner.visitId)).status === 'done' };
  const [entity, id] = rowOf(owner);
  const found = await tx
    .getRepository<{ id: string; practiceId: string }>(entity)
    .findOne({ where: { id, practiceId }, lock: { mode: 'pessimistic_write' } });
  if (found === null) throw new FulcraError('NOT_FOUND');
  return { closed: false };
}

/** Where a thing that has photos is kept, and its id. */
function rowOf(owner: Exclude<PhotoOwner, { visitId: string }>): readonly [EntitySchema, string] {
  if ('saddleId' in owner) return [SaddleEntity, owner.saddleId];
  return 'tackCheckId' in owner ? [TackCheckEntity, owner.tackCheckId] : [OwnerWordEntity, owner.ownerWordId];
}

/** What a practice's photos take, as they are kept; of what is still coming, what has come. Only announced is nothing yet. */
async function usedBytes(tx: EntityManager, practiceId: string): Promise<number> {
  const sum = 'SELECT COALESCE(SUM(COALESCE(kept_bytes, held_bytes)), 0) AS used FROM photo WHERE practice_id = ?';
  const [row] = await tx.query<{ readonly used: string }[]>(sum, [practiceId]);
  return Number(row!.used);
}

interface Announced {
  readonly who: Photographer;
  readonly owner: PhotoOwner;
  readonly id: string;
  readonly photo: PhotoWrite;
}

async function announce(tx: EntityManager, { who, owner, id, photo }: Announced, quotaBytes: number): Promise<void> {
  const { practiceId, personId, linkId } = who;
  await holdRoom(tx, practiceId);
  const { closed } = await lockOwner(tx, practiceId, owner);
  const table = tx.getRepository(PhotoEntity);
  const known = await table.findOneBy({ id });
  if (!isNewPhoto(known && { sha256: known.sha256, own: isOf(known, practiceId, owner) }, photo)) return;
  if (closed) throw new FulcraError('VISIT_CLOSED');
  refuseOneTooMany(await table.countBy({ practiceId, ...owner }));
  refusePastQuota(await usedBytes(tx, practiceId), photo.bytes, quotaBytes);
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
    keptBytes: null,
    widthPx: null,
    heightPx: null,
  };
  if (linkId !== undefined) await countForLink(tx, linkId, 'photos', 1, row.takenAt);
  await table.insert(row);
}

/** Two at once are counted one after the other. */
const holdRoom = (tx: EntityManager, practiceId: string): Promise<unknown> =>
  tx.getRepository(PracticeEntity).findOne({ where: { id: practiceId }, lock: { mode: 'pessimistic_write' } });

/** A piece already held is passed over, so that a late one takes nothing back. */
async function addPiece(
  tx: EntityManager,
  practiceId: string,
  owner: PhotoOwner,
  id: string,
  { from, content, linkId }: PieceOfPhoto,
  quotaBytes: number,
): Promise<void> {
  await holdRoom(tx, practiceId);
  const table = tx.getRepository(PhotoEntity);
  const row = await table.findOne({ where: { id, practiceId, ...owner }, lock: { mode: 'pessimistic_write' } });
  if (row === null) throw new FulcraError('NOT_FOUND');
  const heldBytes = heldAfter(row, from, content);
  if (heldBytes === null) return;
  // it was announced into room that others may have filled since
  refusePastQuota(await usedBytes(tx, practiceId), content.length, quotaBytes);
  if (linkId !== undefined) await countForLink(tx, linkId, 'bytes', content.length, new Date());
  await tx.getRepository(PieceEntity).upsert({ photoId: id, fromByte: from, content }, ['photoId', 'fromByte']);
  await table.update({ id, practiceId }, { heldBytes });
}

const isOf = (row: PhotoRow, practiceId: string, owner: PhotoOwner): boolean =>
  row.practiceId === practiceId && Object.entries(owner).every(([name, id]) => row[name as keyof PhotoRow] === id);

const OLDEST_FIRST = { takenAt: 'ASC', id: 'ASC' } as const;

/** @param quotaBytes all photos of a practice together */
export function photos(db: DataSource, quotaBytes: number): Photos {
  const table = db.getRepository(PhotoEntity);
  const find = async (practiceId: string, owner: PhotoOwner, id: string): Promise<PhotoRow> => {
    const row = await table.findOneBy({ id, practiceId, ...owner });
    if (row === null) throw new FulcraError('NOT_FOUND');
    return row;
  };
  const named = async <O>(where: FindOptionsWhere<PhotoRow>, ownerOf: (row: PhotoRow) => O): Promise<(Kept & O)[]> => {
    const question = table.createQueryBuilder('photo').setFindOptions({ where, order: OLDEST_FIRST });
    const { rows, people } = await rowsAndNames(question, 'photo.handId');
    return rows.map((row) => ({ ...keptOf(row, row.handId === null ? THE_OWNER : people.get(row.handId)!), ...ownerOf(row) }));
  };
  const one = async <O>({ id, practiceId }: PhotoRow, owner: O): Promise<Kept & O> => (await named({ id, practiceId }, () => owner))[0]!;
  /** Photos of everything of one kind. */
  const ofAll = async <N extends 'saddleId' | 'tackCheckId' | 'ownerWordId'>(practiceId: string, name: N) =>
    named({ practiceId, [name]: Not(IsNull()) }, (row) => ({ [name]: row[name]! }) as Record<N, string>);
  /** What came whole is opened before anybody is told that it is held. */
  const opened = async (practiceId: string, owner: PhotoOwner, id: string): Promise<PhotoRow> => {
    const row = await find(practiceId, owner, id);
    if (!waitsToBeOpened(row)) return row;
    await openAndKeep(db, row);
    return find(practiceId, owner, id);
  };

  return {
    ofVisit: (practiceId, visitId) => named({ practiceId, visitId }, () => ({ visitId })),
    ofSaddles: (practiceId) => ofAll(practiceId, 'saddleId'),
    ofTackChecks: (practiceId) => ofAll(practiceId, 'tackCheckId'),
    ofOwnerWords: (practiceId) => ofAll(practiceId, 'ownerWordId'),
    announce: async (who, owner, id, photo) => {
      await inOneWrite(db, (tx) => announce(tx, { who, owner, id, photo }, quotaBytes));
      return one(await opened(who.practiceId, owner, id), owner);
    },
    addPiece: async (practiceId, owner, id, piece) => {
      await inOneWrite(db, (tx) => addPiece(tx, practiceId, owner, id, piece, quotaBytes));
      return one(await opened(practiceId, owner, id), owner);
    },
    content: async (practiceId, owner, id, size) => {
      const row = await opened(practiceId, owner, id);
      if (row.keptBytes === null) throw new FulcraError('PHOTO_NOT_WHOLE');
      const small = size === 'small' ? await smallPicture(db, row) : null;
      return small === null ? { mediaType: row.mediaType, bytes: await wholePicture(db, id) } : { mediaType: 'image/webp', bytes: small };
    },
    room: async (practiceId) => ({ usedBytes: await usedBytes(db.manager, practiceId), quotaBytes }),
  };
}

const keptOf = ({ id, view, note, takenAt, mediaType, bytes, sha256, heldBytes }: PhotoRow, hand: string): Kept => ({
  ...{ id, view, note, mediaType, bytes, sha256, heldBytes },
  takenAt: takenAt.toISOString(),
  hand,
});
