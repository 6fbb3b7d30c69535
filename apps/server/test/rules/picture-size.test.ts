import { pngOf } from '../../src/demo/png';
import { MOST_DOTS, pictureSize } from '../../src/photos/picture-size';

const png = pngOf({ width: 7, height: 5, rgb: new Uint8Array(7 * 5 * 3) });
const jpeg = (frame: number[], end: number[] = [0xff, 0xd9]) =>
  Buffer.from([0xff, 0xd8, 0xff, 0xe1, 0, 6, 1, 2, 3, 4, ...frame, 0xff, 0xda, 0, 2, 9, 9, ...end]);
const FRAME = [0xff, 0xc2, 0, 11, 8, 0x03, 0x20, 0x04, 0xb0, 1, 1, 0x11, 0];
const webp = (kind: string, body: number[]) => {
  const bytes = Buffer.concat([Buffer.from('RIFF\0\0\0\0WEBP' + kind), Buffer.from([0, 0, 0, 0, ...body]), Buffer.alloc(12)]);
  bytes.writeUInt32LE(bytes.length - 8, 4);
  return bytes;
};

describe('how large a picture is', () => {
  it.each([
    ['a PNG', 'image/png', png, [7, 5]],
    ['a JPEG by its frame, whatever stands before it', 'image/jpeg', jpeg(FRAME), [1200, 800]],
    ['a WebP with loss', 'image/webp', webp('VP8 ', [0, 0, 0, 0x9d, 1, 0x2a, 0xb0, 4, 0x20, 3]), [1200, 800]],
    ['a WebP without', 'image/webp', webp('VP8L', [0x2f, 0xaf, 0xc4, 0xc7, 0]), [1200, 800]],
    ['a WebP with more to it', 'image/webp', webp('VP8X', [0, 0, 0, 0, 0xaf, 4, 0, 0x1f, 3, 0]), [1200, 800]],
  ] as const)('%s', (_, mediaType, bytes, [width, height]) => expect(pictureSize(mediaType, bytes)).toEqual({ width, height }));

  it.each([
    ['a PNG of a head alone', 'image/png', png.subarray(0, 33)],
    ['a PNG without its end', 'image/png', png.subarray(0, -12)],
    ['a PNG of no width', 'image/png', pngOf({ width: 0, height: 5, rgb: new Uint8Array() })],
    ['a JPEG of three bytes', 'image/jpeg', Buffer.from([0xff, 0xd8, 0xff])],
    ['a JPEG without a frame', 'image/jpeg', jpeg([])],
    ['a JPEG whose only frame is a table', 'image/jpeg', jpeg([0xff, 0xc4, ...FRAME.slice(2)])],
    ['a JPEG without its end', 'image/jpeg', jpeg(FRAME, [])],
    ['a WebP shorter than it says', 'image/webp', webp('VP8X', [0, 0, 0, 0, 1, 0, 0, 1, 0, 0]).subarray(0, -1)],
    ['a WebP of another kind', 'image/webp', webp('ALPH', [0, 0, 0, 0, 1, 0, 0, 1, 0, 0])],
  ] as const)('%s is none', (_, mediaType, bytes) => expect(pictureSize(mediaType, bytes)).toBeNull());

  it('a small file can say that it is huge', () => {
    const huge = Buffer.from(png);
    huge.writeUInt32BE(30_000, 16);
    huge.writeUInt32BE(30_000, 20);
    const { width, height } = pictureSize('image/png', huge)!;
    expect(width * height).toBeGreaterThan(MOST_DOTS);
  });
});
