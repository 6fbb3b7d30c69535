import { carriesNotes } from './carries-notes';
import { PHOTOS_PHRASES } from '../words/photos-phrases';
import { MOST_PHOTO_BYTES, type PhotoWrite } from '@fulcra/contract';

/** A file larger than this isn't even opened, bytes: a phone's memory would not hold it twice. */
const MOST_FILE_BYTES = 40_000_000;
/** A picture longer than this is made smaller; enough to see a stitch. */
const LONGEST_PX = 2560;
const JPEG_QUALITY = 0.85;
const AS_THEY_ARE: readonly string[] = ['image/jpeg', 'image/png', 'image/webp'] satisfies PhotoWrite['mediaType'][];

export type Prepared =
  | {
      readonly ok: true;
      readonly blob: Blob;
      readonly meta: Pick<PhotoWrite, 'mediaType' | 'bytes' | 'sha256'>;
      readonly madeSmaller: boolean;
    }
  | { readonly ok: false; readonly problem: string };

/** Opens a chosen file, makes it smaller where it is large, and says plainly what is wrong with one that can't be kept. */
export async function preparePhoto(file: File): Promise<Prepared> {
  const megabytes = (bytes: number): string => (bytes / 1e6).toFixed(0);
  if (file.size > MOST_FILE_BYTES) {
    return {
      ok: false,
      problem: PHOTOS_PHRASES.hasMbMb(file.name, megabytes(file.size), megabytes(MOST_FILE_BYTES)),
    };
  }
  const picture = await createImageBitmap(file).catch(() => null);
  if (picture === null) return { ok: false, problem: PHOTOS_PHRASES.isNotA(file.name) };
  const small =
    Math.max(picture.width, picture.height) <= LONGEST_PX && file.size <= MOST_PHOTO_BYTES / 4 && AS_THEY_ARE.includes(file.type);
  const blob = small && !carriesNotes(new Uint8Array(await file.arrayBuffer())) ? file : await redrawn(picture);
  picture.close();
  const bytes = await blob.arrayBuffer();
  const meta = { mediaType: blob.type as PhotoWrite['mediaType'], bytes: blob.size, sha256: await sha256(bytes) };
  return { ok: true, blob: new Blob([bytes], { type: blob.type }), meta, madeSmaller: !small };
}

async function redrawn(picture: ImageBitmap): Promise<Blob> {
  const share = Math.min(1, LONGEST_PX / Math.max(picture.width, picture.height));
  const canvas = new OffscreenCanvas(Math.round(picture.width * share), Math.round(picture.height * share));
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return canvas.convertToBlob({ type: 'image/jpeg', quality: JPEG_QUALITY });
}

async function sha256(bytes: ArrayBuffer): Promise<string> {
  const digest = await crypto.subtle.digest('SHA-256', bytes);
  return [...new Uint8Array(digest)].map((b) => b.toString(16).padStart(2, '0')).join('');
}
