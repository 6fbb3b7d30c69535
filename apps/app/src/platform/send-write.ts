import { PHOTO_PIECE_BYTES, photoSchema } from '@fulcra/contract';

import { request, sendBytes } from './api-client';
import { photoStore } from './photo-store';
import { type PictureWrite, type Write, isPictureWrite, pathOf } from './write';

const heldSchema = photoSchema.pick({ heldBytes: true });

/** Sends one write, whole. A photo is announced first, then goes on from where the server's share of it ends. */
export async function sendWrite(write: Write): Promise<void> {
  const answer = await request('PUT', pathOf(write), write.body);
  if (isPictureWrite(write)) await sendRest(write, heldSchema.parse(answer).heldBytes);
}

async function sendRest(write: PictureWrite, heldBytes: number): Promise<void> {
  const blob = await photoStore.get(write.photoId);
  if (blob === undefined) {
    if (heldBytes === write.body.bytes) return;
    throw new PhotoGone();
  }
  let held = heldBytes;
  while (held < blob.size) {
    const piece = blob.slice(held, Math.min(blob.size, held + PHOTO_PIECE_BYTES));
    held = heldSchema.parse(await sendBytes(`${pathOf(write)}/content?from=${held}`, piece)).heldBytes;
  }
  await photoStore.drop(write.photoId);
}

/** The picture is no longer on this device: the browser was cleared, or the write was made on another. */
export class PhotoGone extends Error {}
