import { type PhotoWrite } from '@fulcra/contract';
import sharp from 'sharp';
import { FairTurns } from '../platform/turns';

/** More dots than this are no photo of a horse: opening them takes a device's memory (default: a large camera has 50 million). */
export const MOST_DOTS = 60_000_000;
/** Longest edge of the small picture, for lists, px (default: 132 px wide on a screen of three dots a pixel). */
export const SMALL_EDGE_PX = 400;
/** Where a picture drawn anew can't be told from the one that came (default); a PNG keeps every dot, for a quality would cut its colours to 256. */
const DRAWN_AS = {
  jpeg: { quality: 92 },
  webp: { quality: 92 },
  png: { compressionLevel: 9 },
} as const;
const SMALL_QUALITY = 78;

const KINDS = { 'image/jpeg': 'jpeg', 'image/png': 'png', 'image/webp': 'webp' } as const;

// nothing is kept of a picture, and two are open at once at most: what opening may take stays that of the two largest
sharp.cache(false);
sharp.concurrency(1);
const turns = new FairTurns(2);
/** A picture that takes longer to open is none anybody waits for, s (default: the largest a camera makes takes two or three). */
const OPENED_WITHIN_S = 15;

export interface OpenedPicture {
  /** As it is kept: the way up it was meant to be seen, with nothing in it but dots. */
  readonly bytes: Buffer;
  readonly small: Buffer;
  readonly widthPx: number;
  readonly heightPx: number;
}
export type PictureFault = 'PHOTO_NOT_A_PICTURE' | 'PHOTO_TOO_MANY_DOTS';

/**
 * Opens every dot of a picture, off the main thread, and draws it anew: turned as its notes say, without those notes (where and when it
 * was taken, by which device), in colours every screen knows.
 * @param practiceId whose it is: each has its turn
 * @returns what is wrong with it where it isn't a whole picture of the kind it is said to be
 */
export const openPicture = (practiceId: string, mediaType: PhotoWrite['mediaType'], bytes: Buffer): Promise<OpenedPicture | PictureFault> =>
  turns.take(practiceId, async () => {
    const fault = await headFault(mediaType, bytes);
    if (fault !== null) return fault;
    try {
      return await drawnAnew(mediaType, bytes);
    } catch {
      // whatever the decoder stumbled over, it is not a picture
      return 'PHOTO_NOT_A_PICTURE';
    }
  });

/** What its head says, before a dot is opened. */
async function headFault(mediaType: PhotoWrite['mediaType'], bytes: Buffer): Promise<PictureFault | null> {
  const { format, width, height } = await sharp(bytes, { limitInputPixels: false })
    .metadata()
    .catch(() => ({ format: null, width: 0, height: 0 }));
  if (format !== KINDS[mediaType] || width === 0 || height === 0) return 'PHOTO_NOT_A_PICTURE';
  return width * height > MOST_DOTS ? 'PHOTO_TOO_MANY_DOTS' : null;
}

async function drawnAnew(mediaType: PhotoWrite['mediaType'], bytes: Buffer): Promise<OpenedPicture> {
  const kind = KINDS[mediaType];
  const upright = sharp(bytes, { limitInputPixels: MOST_DOTS, failOn: 'error' }).autoOrient().timeout({ seconds: OPENED_WITHIN_S });
  const { data, info } = await upright.toFormat(kind, DRAWN_AS[kind]).toBuffer({ resolveWithObject: true });
  const small = await sharp(data)
    .resize({ width: SMALL_EDGE_PX, height: SMALL_EDGE_PX, fit: 'inside', withoutEnlargement: true })
    .toFormat('webp', { quality: SMALL_QUALITY })
    .toBuffer();
  return { bytes: data, small, widthPx: info.width, heightPx: info.height };
}
