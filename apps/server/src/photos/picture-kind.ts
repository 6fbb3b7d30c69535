import { type PhotoWrite } from '@fulcra/contract';

/** How each kind of picture begins. Source: JFIF, PNG (ISO 15948) and the RIFF container of WebP. */
const BEGINNINGS: Readonly<Record<PhotoWrite['mediaType'], (head: Buffer) => boolean>> = {
  'image/jpeg': (head) => head[0] === 0xff && head[1] === 0xd8 && head[2] === 0xff,
  'image/png': (head) => head.subarray(0, 8).equals(Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a])),
  'image/webp': (head) => head.subarray(0, 4).toString('latin1') === 'RIFF' && head.subarray(8, 12).toString('latin1') === 'WEBP',
};

/** Whether the first piece begins as the picture it says it is. */
export const beginsAs = (mediaType: PhotoWrite['mediaType'], firstPiece: Buffer): boolean => BEGINNINGS[mediaType](firstPiece);
