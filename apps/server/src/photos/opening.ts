import { createHash } from 'node:crypto';
import { PHOTO_PIECE_BYTES } from '@fulcra/contract';
import { type DataSource, type EntityManager } from 'typeorm';
import { inOneWrite } from '../platform/db/in-one-write';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type ErrorCode } from '../platform/errors/registry';
import { type OpenedPicture, openPicture } from './opened-picture';
import { PhotoEntity, type PhotoRow, PieceEntity, SmallPhotoEntity } from './photo.entity';

/** Came whole, but nobody has looked yet whether it is a picture: the last piece just came, or the server ended in between. */
export const waitsToBeOpened = ({ heldBytes, bytes, keptBytes }: Pick<PhotoRow, 'heldBytes' | 'bytes' | 'keptBytes'>): boolean =>
  heldBytes === bytes && keptBytes === null;

export async function wholePicture(db: DataSource, id: string): Promise<Buffer> {
  const pieces = await db.getRepository(PieceEntity).find({ where: { photoId: id }, order: { fromByte: 'ASC' } });
  return Buffer.concat(pieces.map((p) => p.content));
}

/**
 * Puts in the place of what came the picture drawn anew, with a small one beside it. One that isn't what was announced, or no picture, is
 * emptied, so that it can be sent again from its start. Two at once are one.
 * @throws why it isn't kept
 */
export async function openAndKeep(db: DataSource, { id, practiceId, sha256, mediaType }: PhotoRow): Promise<void> {
  const came = await wholePicture(db, id);
  const whole = createHash('sha256').update(came).digest('hex') === sha256;
  const opened: OpenedPicture | ErrorCode = whole ? await openPicture(practiceId, mediaType, came) : 'PHOTO_BROKEN';
  const ours = await inOneWrite(db, async (tx) => {
    const row = await tx.getRepository(PhotoEntity).findOne({ where: { id }, lock: { mode: 'pessimistic_write' } });
    if (row === null || !waitsToBeOpened(row)) return false;
    await tx.getRepository(PieceEntity).delete({ photoId: id });
    if (typeof opened === 'string') await tx.getRepository(PhotoEntity).update({ id }, { heldBytes: 0 });
    else await keep(tx, id, opened);
    return true;
  });
  if (ours && typeof opened === 'string') throw new FulcraError(opened);
}

async function keep(tx: EntityManager, photoId: string, { bytes, small, widthPx, heightPx }: OpenedPicture): Promise<void> {
  for (let fromByte = 0; fromByte < bytes.length; fromByte += PHOTO_PIECE_BYTES)
    await tx.getRepository(PieceEntity).insert({ photoId, fromByte, content: bytes.subarray(fromByte, fromByte + PHOTO_PIECE_BYTES) });
  await tx.getRepository(SmallPhotoEntity).insert({ photoId, content: small });
  await tx.getRepository(PhotoEntity).update({ id: photoId }, { keptBytes: bytes.length, widthPx, heightPx });
}

/** The small picture; of one that was kept before there were any, made now. @returns null where it can't be made */
export async function smallPicture(db: DataSource, { id, practiceId, mediaType }: PhotoRow): Promise<Buffer | null> {
  const table = db.getRepository(SmallPhotoEntity);
  const held = await table.findOneBy({ photoId: id });
  if (held !== null) return held.content;
  const opened = await openPicture(practiceId, mediaType, await wholePicture(db, id));
  if (typeof opened === 'string') return null;
  await table.upsert({ photoId: id, content: opened.small }, ['photoId']);
  return opened.small;
}
