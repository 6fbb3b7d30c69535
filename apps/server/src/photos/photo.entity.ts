import { type PhotoWrite } from '@fulcra/contract';
import { EntitySchema } from 'typeorm';
import { idColumn, keyColumn, text } from '../platform/db/id-column';

export interface PhotoRow extends Omit<PhotoWrite, 'takenAt'> {
  id: string;
  practiceId: string;
  /** Taken at a visit, of a saddle of the stock, of what a look at tack found, or sent by an owner: one of them. */
  visitId: string | null;
  saddleId: string | null;
  tackCheckId: string | null;
  ownerWordId: string | null;
  /** Null: an owner's, through a link. */
  handId: string | null;
  takenAt: Date;
  heldBytes: number;
  /** As it is kept once it was opened; null until then. */
  keptBytes: number | null;
  widthPx: number | null;
  heightPx: number | null;
}
export const PhotoEntity = new EntitySchema<PhotoRow>({
  name: 'photo',
  columns: {
    id: keyColumn,
    practiceId: { ...idColumn, name: 'practice_id' },
    visitId: { ...idColumn, name: 'visit_id', nullable: true },
    saddleId: { ...idColumn, name: 'saddle_id', nullable: true },
    tackCheckId: { ...idColumn, name: 'tack_check_id', nullable: true },
    ownerWordId: { ...idColumn, name: 'owner_word_id', nullable: true },
    handId: { ...idColumn, name: 'hand_id', nullable: true },
    view: text(20),
    note: { type: 'text' },
    takenAt: { type: 'datetime', precision: 3, name: 'taken_at' },
    mediaType: { ...text(20), name: 'media_type' },
    bytes: { type: 'int' },
    sha256: { type: 'char', length: 64 },
    heldBytes: { type: 'int', name: 'held_bytes' },
    keptBytes: { type: 'int', name: 'kept_bytes', nullable: true },
    widthPx: { type: 'int', name: 'width_px', nullable: true },
    heightPx: { type: 'int', name: 'height_px', nullable: true },
  },
});

export interface PieceRow {
  photoId: string;
  fromByte: number;
  content: Buffer;
}
export const PieceEntity = new EntitySchema<PieceRow>({
  name: 'photo_piece',
  columns: {
    photoId: { ...keyColumn, name: 'photo_id' },
    fromByte: { type: 'int', primary: true, name: 'from_byte' },
    content: { type: 'mediumblob' },
  },
});

/** The picture as lists show it. */
export const SmallPhotoEntity = new EntitySchema<{ photoId: string; content: Buffer }>({
  name: 'photo_small',
  columns: { photoId: { ...keyColumn, name: 'photo_id' }, content: { type: 'mediumblob' } },
});
