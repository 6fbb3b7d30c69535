import { type PhotoWrite } from '@fulcra/contract';

export interface PictureSize {
  readonly width: number;
  readonly height: number;
}

/** More dots than this are no photo of a horse: opening them takes a device's memory (default: a large camera has 50 million). */
export const MOST_DOTS = 60_000_000;

const text = (bytes: Buffer, from: number, length: number): string => bytes.toString('latin1', from, from + length);

/** A head with its size, dots after it, and an end. Source: ISO 15948. */
function ofPng(bytes: Buffer): PictureSize | null {
  if (bytes.length < 57 || text(bytes, 12, 4) !== 'IHDR' || !bytes.includes('IDAT', 33, 'latin1') || !bytes.includes('IEND', 45, 'latin1'))
    return null;
  return { width: bytes.readUInt32BE(16), height: bytes.readUInt32BE(20) };
}

/** Segments up to the scan; one of them is a frame that says the size. Source: ITU T.81, annex B. */
function ofJpeg(bytes: Buffer): PictureSize | null {
  let size: PictureSize | null = null;
  let at = 2;
  while (at + 4 <= bytes.length && bytes[at] === 0xff) {
    const marker = bytes[at + 1]!;
    if (marker === 0xda) return bytes.includes(Buffer.from([0xff, 0xd9]), at) ? size : null;
    const isFrame = marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker);
    if (isFrame && at + 9 <= bytes.length) size = { height: bytes.readUInt16BE(at + 5), width: bytes.readUInt16BE(at + 7) };
    at += 2 + bytes.readUInt16BE(at + 2);
  }
  return null;
}

/** A container as long as it says, with one of three kinds of picture. Source: RFC 9649. */
function ofWebp(bytes: Buffer): PictureSize | null {
  if (bytes.length < 30 || bytes.readUInt32LE(4) + 8 > bytes.length) return null;
  switch (text(bytes, 12, 4)) {
    case 'VP8 ':
      return { width: bytes.readUInt16LE(26) & 0x3fff, height: bytes.readUInt16LE(28) & 0x3fff };
    case 'VP8L': {
      const bits = bytes.readUInt32LE(21);
      return { width: 1 + (bits & 0x3fff), height: 1 + ((bits >>> 14) & 0x3fff) };
    }
    case 'VP8X':
      return { width: 1 + bytes.readUIntLE(24, 3), height: 1 + bytes.readUIntLE(27, 3) };
    default:
      return null;
  }
}

const READERS: Readonly<Record<PhotoWrite['mediaType'], (bytes: Buffer) => PictureSize | null>> = {
  'image/png': ofPng,
  'image/jpeg': ofJpeg,
  'image/webp': ofWebp,
};

/** How large a whole picture says it is; null where it isn't one from its head to its end. Its dots aren't opened. */
export function pictureSize(mediaType: PhotoWrite['mediaType'], bytes: Buffer): PictureSize | null {
  const size = READERS[mediaType](bytes);
  return size === null || size.width === 0 || size.height === 0 ? null : size;
}
