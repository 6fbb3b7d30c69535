import sharp from 'sharp';
import { pngOf } from '../../src/demo/png';
import { MOST_DOTS, SMALL_EDGE_PX, type OpenedPicture, openPicture } from '../../src/photos/opened-picture';

/** 600 by 400, its left half dark: which way up it is can be told from its dots. */
const drawn = () => {
  const width = 600;
  const raw = Buffer.alloc(width * 400 * 3, 230);
  for (let i = 0; i < raw.length / 3; i++) if (i % width < width / 2) raw.fill(20, 3 * i, 3 * i + 3);
  return sharp(raw, { raw: { width, height: 400, channels: 3 } });
};
const QUARTER_TURN = 6;
const noted = (orientation: number) =>
  drawn()
    .withExif({ IFD0: { Make: 'some device' }, IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '50/1 6/1 0/1' } })
    .withMetadata({ orientation });
const opened = async (mediaType: 'image/jpeg' | 'image/png' | 'image/webp', bytes: Buffer): Promise<OpenedPicture> => {
  const outcome = await openPicture('a', mediaType, bytes);
  if (typeof outcome === 'string') throw new Error(outcome);
  return outcome;
};
/** Mean light of a strip along one side, 0 to 255. */
const light = async (bytes: Buffer, side: { left: number; top: number; width: number; height: number }): Promise<number> =>
  (await sharp(await sharp(bytes).extract(side).toBuffer()).stats()).channels[0]!.mean;

describe('a picture opened', () => {
  it.each([
    ['image/jpeg', () => drawn().jpeg().toBuffer()],
    ['image/png', () => drawn().png().toBuffer()],
    ['image/webp', () => drawn().webp().toBuffer()],
  ] as const)('%s stays of its kind and size, with a small one beside it', async (mediaType, make) => {
    const { bytes, small, widthPx, heightPx } = await opened(mediaType, await make());
    expect([widthPx, heightPx]).toEqual([600, 400]);
    expect(`image/${(await sharp(bytes).metadata()).format}`).toBe(mediaType);
    expect(await sharp(small).metadata()).toMatchObject({ format: 'webp', width: SMALL_EDGE_PX, height: 267 });
    expect(Math.abs((await light(bytes, { left: 0, top: 0, width: 200, height: 400 })) - 20)).toBeLessThan(4);
    expect(Math.abs((await light(bytes, { left: 400, top: 0, width: 200, height: 400 })) - 230)).toBeLessThan(4);
  });

  it('a PNG keeps every dot, in more colours than 256', async () => {
    const raw = Buffer.from(Array.from({ length: 64 * 64 * 3 }, (_, i) => (i * 7919) % 251));
    const came = await sharp(raw, { raw: { width: 64, height: 64, channels: 3 } })
      .png()
      .toBuffer();
    const { bytes } = await opened('image/png', came);
    expect((await sharp(bytes).removeAlpha().raw().toBuffer()).equals(raw)).toBe(true);
  });

  it('is turned as its notes say, and the notes are gone: device, place, turn', async () => {
    const came = await noted(QUARTER_TURN).jpeg().toBuffer();
    expect((await sharp(came).metadata()).exif!.toString('latin1')).toContain('some device');
    const { bytes, widthPx, heightPx } = await opened('image/jpeg', came);
    expect([widthPx, heightPx]).toEqual([400, 600]);
    const { exif, orientation, icc, xmp } = await sharp(bytes).metadata();
    expect([exif, orientation, icc, xmp]).toEqual([undefined, undefined, undefined, undefined]);
    expect(bytes.toString('latin1')).not.toContain('some device');
    // a quarter turn to the right brings the dark left half to the top
    expect(await light(bytes, { left: 0, top: 0, width: 400, height: 200 })).toBeLessThan(30);
    expect(await light(bytes, { left: 0, top: 400, width: 400, height: 200 })).toBeGreaterThan(220);
  });

  it('carries nothing that was hung on behind it', async () => {
    const came = Buffer.concat([await drawn().jpeg().toBuffer(), Buffer.from('<script>hung on</script>')]);
    expect((await opened('image/jpeg', came)).bytes.toString('latin1')).not.toContain('hung on');
  });

  it('a small picture isn’t made larger for a list', async () => {
    const tiny = pngOf({ width: 7, height: 5, rgb: new Uint8Array(7 * 5 * 3) });
    expect(await sharp((await opened('image/png', tiny)).small).metadata()).toMatchObject({ width: 7, height: 5 });
  });

  it('one of another kind than it is said to be is none', async () => {
    expect(await openPicture('a', 'image/png', await drawn().jpeg().toBuffer())).toBe('PHOTO_NOT_A_PICTURE');
    expect(await openPicture('a', 'image/jpeg', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>'))).toBe(
      'PHOTO_NOT_A_PICTURE',
    );
  });

  it.each([
    ['a JPEG of three bytes', 'image/jpeg', async () => Buffer.from([0xff, 0xd8, 0xff])],
    ['half a JPEG', 'image/jpeg', async () => half(await drawn().jpeg().toBuffer())],
    ['a PNG of a head alone', 'image/png', async () => (await drawn().png().toBuffer()).subarray(0, 33)],
    ['half a PNG', 'image/png', async () => half(await drawn().png().toBuffer())],
    ['half a WebP', 'image/webp', async () => half(await drawn().webp().toBuffer())],
  ] as const)('%s is none', async (_, mediaType, make) =>
    expect(await openPicture('a', mediaType, await make())).toBe('PHOTO_NOT_A_PICTURE'),
  );

  it('one that only says that it is huge is refused by its head; one dot fewer is looked into', async () => {
    const said = (width: number, height: number) => {
      const bytes = pngOf({ width: 1, height: 1, rgb: new Uint8Array(3) });
      bytes.writeUInt32BE(width, 16);
      bytes.writeUInt32BE(height, 20);
      bytes.writeUInt32BE(crc32(bytes.subarray(12, 29)), 29);
      return bytes;
    };
    expect(MOST_DOTS).toBe(10_000 * 6000);
    expect(await openPicture('a', 'image/png', said(10_000, 6001))).toBe('PHOTO_TOO_MANY_DOTS');
    expect(await openPicture('a', 'image/png', said(10_000, 6000))).toBe('PHOTO_NOT_A_PICTURE');
  });
});

const half = (bytes: Buffer): Buffer => bytes.subarray(0, bytes.length / 2);

/** Source: ISO 15948, annex D. */
function crc32(bytes: Buffer): number {
  let sum = 0xffffffff;
  for (const byte of bytes) {
    sum ^= byte;
    for (let k = 0; k < 8; k++) sum = sum & 1 ? 0xedb88320 ^ (sum >>> 1) : sum >>> 1;
  }
  return (sum ^ 0xffffffff) >>> 0;
}
