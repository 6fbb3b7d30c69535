import { MOST_PHOTOS, type PhotoWrite } from '@fulcra/contract';
import { FulcraError } from '../platform/errors/fulcra-error';
import { beginsAs } from './picture-kind';

/** @param held photos of the same visit or saddle */
export function refuseOneTooMany(held: number): void {
  if (held >= MOST_PHOTOS) throw new FulcraError('PHOTOS_FULL');
}

/** All photos of a practice have so much room together. @param usedBytes without the new one */
export function refusePastQuota(usedBytes: number, newBytes: number, quotaBytes: number): void {
  if (usedBytes + newBytes > quotaBytes) throw new FulcraError('PHOTO_ROOM_FULL');
}

/**
 * Whether an announced photo is to be added, or is there already.
 * @param known one of the same id, and whether it is of the same visit or saddle of the same practice
 */
export function isNewPhoto(
  known: { readonly sha256: string; readonly own: boolean } | null,
  { sha256 }: Pick<PhotoWrite, 'sha256'>,
): boolean {
  if (known === null) return true;
  if (!known.own) throw new FulcraError('NOT_FOUND');
  if (known.sha256 !== sha256) throw new FulcraError('PHOTO_IMMUTABLE');
  return false;
}

type Held = Pick<PhotoWrite, 'bytes' | 'mediaType'> & { readonly heldBytes: number };

/**
 * What a piece brings the photo to, bytes; null where it is held already, so that a late one takes nothing back.
 * @throws where it leaves a gap, goes past the end, or isn't the picture it is said to be
 */
export function heldAfter({ bytes, heldBytes, mediaType }: Held, from: number, content: Buffer): number | null {
  if (from < heldBytes) return null;
  if (from > heldBytes || from + content.length > bytes) throw new FulcraError('PHOTO_PIECE_OUT_OF_PLACE');
  if (from === 0 && !beginsAs(mediaType, content)) throw new FulcraError('PHOTO_NOT_A_PICTURE');
  return from + content.length;
}
