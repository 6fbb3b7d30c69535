import { z } from 'zod';
import { idSchema, momentSchema, nameSchema, noteSchema } from './basics';

/** Largest photo kept, bytes; the application makes larger ones smaller before it keeps them. */
export const MOST_PHOTO_BYTES = 12_000_000;
/** Photos travel in pieces of this size, so that a broken line costs one piece. */
export const PHOTO_PIECE_BYTES = 262_144;
export const MOST_PHOTOS = 60;
/** All photos of a practice together, bytes (default). */
export const PHOTO_QUOTA_BYTES = 5_000_000_000;

export const photoViews = ['behind', 'above', 'nearSide', 'offSide', 'saddle', 'detail', 'under'] as const;

export const photoWriteSchema = z.object({
  view: z.enum(photoViews),
  note: noteSchema,
  takenAt: momentSchema,
  mediaType: z.enum(['image/jpeg', 'image/png', 'image/webp']),
  bytes: z.number().int().min(1).max(MOST_PHOTO_BYTES),
  sha256: z.string().regex(/^[0-9a-f]{64}$/),
});
export type PhotoWrite = z.infer<typeof photoWriteSchema>;

const keptSchema = photoWriteSchema.extend({
  id: idSchema,
  hand: nameSchema,
  /** How much of it the server has; all of it when it equals `bytes`. */
  heldBytes: z.number().int().min(0),
});
export const photoSchema = keptSchema.extend({ visitId: idSchema });
export type Photo = z.infer<typeof photoSchema>;

/** A photo of a saddle of the stock. */
export const saddlePhotoSchema = keptSchema.extend({ saddleId: idSchema });
export type SaddlePhoto = z.infer<typeof saddlePhotoSchema>;

/** A photo of what a look at tack found. */
export const tackPhotoSchema = keptSchema.extend({ tackCheckId: idSchema });
export type TackPhoto = z.infer<typeof tackPhotoSchema>;

/** A picture an owner sent with a word. */
export const ownerPhotoSchema = keptSchema.extend({ ownerWordId: idSchema });
export type OwnerPhoto = z.infer<typeof ownerPhotoSchema>;

export const pieceQuerySchema = z.object({ from: z.coerce.number().int().min(0).max(MOST_PHOTO_BYTES) });

/** As it is kept, or small for a list. */
export const pictureQuerySchema = z.object({ size: z.enum(['whole', 'small']).default('whole') });
export type PictureSize = z.infer<typeof pictureQuerySchema>['size'];

/** How much of the room for photos a practice has used. */
export const photoRoomSchema = z.object({ usedBytes: z.number().int().min(0), quotaBytes: z.number().int().min(0) });
export type PhotoRoom = z.infer<typeof photoRoomSchema>;
