import { deflateSync } from 'node:zlib';

const SIGNATURE = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]);
const EIGHT_BITS_RGB = [8, 2, 0, 0, 0];

/** A picture of three bytes a place as a PNG. Source: the PNG specification, no filter. */
export function pngOf({ width, height, rgb }: { readonly width: number; readonly height: number; readonly rgb: Uint8Array }): Buffer {
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set(EIGHT_BITS_RGB, 8);
  const rows = Buffer.alloc(height * (1 + 3 * width));
  for (let row = 0; row < height; row++) rows.set(rgb.subarray(3 * width * row, 3 * width * (row + 1)), row * (1 + 3 * width) + 1);
  return Buffer.concat([SIGNATURE, chunk('IHDR', head), chunk('IDAT', deflateSync(rows)), chunk('IEND', Buffer.alloc(0))]);
}

function chunk(name: string, content: Buffer): Buffer {
  const named = Buffer.concat([Buffer.from(name, 'latin1'), content]);
  const [length, sum] = [Buffer.alloc(4), Buffer.alloc(4)];
  length.writeUInt32BE(content.length);
  sum.writeUInt32BE(crc32(named));
  return Buffer.concat([length, named, sum]);
}

/** Check sum of a chunk. Source: the PNG specification's CRC, bit by bit: a demo has few pictures. */
function crc32(bytes: Buffer): number {
  let sum = 0xffffffff;
  for (const byte of bytes) {
    sum ^= byte;
    for (let bit = 0; bit < 8; bit++) sum = (sum >>> 1) ^ (sum & 1 ? 0xedb88320 : 0);
  }
  return (sum ^ 0xffffffff) >>> 0;
}
