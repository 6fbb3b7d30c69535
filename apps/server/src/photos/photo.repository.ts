import { createHash } from 'node:crypto';
import { MOST_PHOTOS, type Photo, type PhotoWrite } from '@fulcra/contract';
import { type DataSource } from 'typeorm';
import { FulcraError } from '../platform/errors/fulcra-error';
import { peopleNames } from '../practice/people-names';
import { PhotoEntity, type PhotoRow, PieceEntity } from './photo.entity';
import { beginsAs } from './picture-kind';

/** Photos of visits, taken in piece by piece so that a broken line costs one piece. */
export interface Photos {
  ofVisit(practiceId: string, visitId: string): Promise<Photo[]>;
  /** Announces a photo; the same one twice is one. */
  announce(practiceId: string, handId: string, visitId: string, id: string, photo: PhotoWrite): Promise<Photo>;
  /** Adds the piece that begins where the last one ended; one already held is passed over. */
  addPiece(practiceId: string, visitId: string, id: string, from: number, content: Buffer): Promise<Photo>;
  /** The whole picture; refused until all of it is held. */
  content(practiceId: string, visitId: string, id: string): Promise<{ readonly mediaType: string; readonly bytes: Buffer }>;
}

export function photos(db: DataSource): Photos {
  const table = db.getRepository(PhotoEntity);
  const pieces = db.getRepository(PieceEntity);
  const find = async (practiceId: string, visitId: string, id: string): Promise<PhotoRow> => {
    const row = await table.findOneBy({ id, practiceId, visitId });
    if (row === null) throw new FulcraError('NOT_FOUND');
    return row;
  };
  const named = async (practiceId: string, rows: readonly PhotoRow[]): Promise<Photo[]> => {
    const people = await peopleNames(db, practiceId);
    return rows.map((row) => asPhoto(row, people.get(row.handId)!));
  };
  const one = async (row: PhotoRow): Promise<Photo> => (await named(row.practiceId, [row]))[0]!;
  const whole = async (id: string): Promise<Buffer> =>
    Buffer.concat((await pieces.find({ where: { photoId: id }, order: { fromByte: 'ASC' } })).map((p) => p.content));

  return {
    ofVisit: async (practiceId, visitId) =>
      named(practiceId, await table.find({ where: { practiceId, visitId }, order: { takenAt: 'ASC', id: 'ASC' } })),
    announce: async (practiceId, handId, visitId, id, photo) => {
      const known = await table.findOneBy({ id });
      if (known === null) {
        if ((await table.countBy({ practiceId, visitId })) >= MOST_PHOTOS) throw new FulcraError('PHOTOS_FULL');
        await table.insert({ id, practiceId, visitId, handId, ...photo, takenAt: new Date(photo.takenAt), heldBytes: 0 });
      } else if (known.practiceId !== practiceId || known.visitId !== visitId) throw new FulcraError('NOT_FOUND');
      else if (known.sha256 !== photo.sha256) throw new FulcraError('PHOTO_IMMUTABLE');
      return one(await find(practiceId, visitId, id));
    },
    addPiece: async (practiceId, visitId, id, from, content) => {
      const row = await find(practiceId, visitId, id);
      if (from < row.heldBytes) return one(row);
      if (from > row.heldBytes || from + content.length > row.bytes) throw new FulcraError('PHOTO_PIECE_OUT_OF_PLACE');
      if (from === 0 && !beginsAs(row.mediaType, content)) throw new FulcraError('PHOTO_NOT_A_PICTURE');
      const heldBytes = from + content.length;
      await db.transaction(async (tx) => {
        await tx.getRepository(PieceEntity).upsert({ photoId: id, fromByte: from, content }, ['photoId', 'fromByte']);
        await tx.getRepository(PhotoEntity).update({ id, practiceId }, { heldBytes });
      });
      if (heldBytes === row.bytes) await beginAgainIfBroken(row);
      return one(await find(practiceId, visitId, id));
    },
    content: async (practiceId, visitId, id) => {
      const row = await find(practiceId, visitId, id);
      if (row.heldBytes < row.bytes) throw new FulcraError('PHOTO_NOT_WHOLE');
      return { mediaType: row.mediaType, bytes: await whole(id) };
    },
  };

  /** A picture that isn't what was announced is emptied, so that it can be sent again from the start. */
  async function beginAgainIfBroken(row: PhotoRow): Promise<void> {
    if (
      createHash('sha256')
        .update(await whole(row.id))
        .digest('hex') === row.sha256
    )
      return;
    await pieces.delete({ photoId: row.id });
    await table.update({ id: row.id }, { heldBytes: 0 });
    throw new FulcraError('PHOTO_BROKEN');
  }
}

const asPhoto = ({ practiceId: _, handId: __, takenAt, ...rest }: PhotoRow, hand: string): Photo => ({
  ...rest,
  takenAt: takenAt.toISOString(),
  hand,
});
