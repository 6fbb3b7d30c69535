import { createHash } from 'node:crypto';
import { PHOTO_QUOTA_BYTES } from '@fulcra/contract';
import { DEMO_SADDLES } from '@fulcra/demo';
import sharp from 'sharp';
import { v7 } from 'uuid';
import { demoFitter, startedVisit } from './journeys';
import { type Running, type Visitor, startServer } from './running-server';

let running: Running;
let visitor: Visitor;
let ids: Awaited<ReturnType<typeof startedVisit>>;
let picture: Buffer;
/** Much of it noise, so that it comes in two pieces. */
const noisyJpeg = (seed: number): Promise<Buffer> => {
  const raw = Buffer.alloc(420 * 420 * 3);
  for (let i = 0, state = seed; i < raw.length; i++) {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    raw[i] = state >>> 24;
  }
  return sharp(raw, { raw: { width: 420, height: 420, channels: 3 } })
    .jpeg({ quality: 96 })
    .toBuffer();
};
const CUT = 120_000;

beforeAll(async () => {
  running = await startServer();
  picture = await noisyJpeg(1);
});
beforeEach(async () => {
  visitor = await demoFitter(running);
  ids = await startedVisit(visitor);
});
afterAll(() => running.stop());

const announced = (bytes: Buffer, id = v7()) => ({
  id,
  body: {
    view: 'behind',
    note: '',
    takenAt: '2026-11-20T09:00:00.000Z',
    mediaType: 'image/jpeg',
    bytes: bytes.length,
    sha256: createHash('sha256').update(bytes).digest('hex'),
  },
});
const url = (id: string) => `/api/visits/${ids.visitId}/photos/${id}`;
const photosOfVisit = async () => (await visitor.send('GET', `/api/visits/${ids.visitId}`)).body.photos;
const piece = async (id: string, from: number, bytes: Buffer, at = url(id)) => {
  const response = await fetch(`${running.base}${at}/content?from=${from}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/octet-stream', cookie: visitor.cookie, 'x-fulcra-csrf': visitor.csrf },
    body: new Uint8Array(bytes),
  });
  return { status: response.status, body: (await response.json()) as { heldBytes: number; error: { code: string } } };
};
const seen = async (at: string, size = 'whole') => {
  const back = await fetch(`${running.base}${at}/content?size=${size}`, { headers: { cookie: visitor.cookie } });
  return { kind: back.headers.get('content-type'), bytes: Buffer.from(await back.arrayBuffer()) };
};
const sent = async (bytes: Buffer, id = v7()) => {
  await visitor.send('PUT', url(id), announced(bytes, id).body);
  await piece(id, 0, bytes.subarray(0, CUT));
  return { id, last: await piece(id, CUT, bytes.subarray(CUT)) };
};
/** Mean difference of two pictures, 0 to 255. */
const apart = async (one: Buffer, other: Buffer): Promise<number> => {
  const [a, b] = await Promise.all([one, other].map((bytes) => sharp(bytes).raw().toBuffer()));
  return a!.reduce((sum, v, i) => sum + Math.abs(v - b![i]!), 0) / a!.length;
};

it('arrive in pieces, go on where they broke off, and come back as they look', async () => {
  const { id, body } = announced(picture);
  await visitor.send('PUT', url(id), body);
  expect((await piece(id, 0, picture.subarray(0, CUT))).body.heldBytes).toBe(CUT);
  expect((await visitor.send('PUT', url(id), body)).body.heldBytes).toBe(CUT);
  expect((await piece(id, 0, picture.subarray(0, CUT))).body.heldBytes).toBe(CUT);
  expect((await visitor.send('GET', `${url(id)}/content`)).body.error.code).toBe('PHOTO_NOT_WHOLE');
  expect((await visitor.send('GET', `${url(id)}/content?size=small`)).body.error.code).toBe('PHOTO_NOT_WHOLE');
  expect((await piece(id, CUT, picture.subarray(CUT))).body.heldBytes).toBe(picture.length);
  const { kind, bytes } = await seen(url(id));
  expect(kind).toBe('image/jpeg');
  expect(await apart(picture, bytes)).toBeLessThan(25);
  expect(await apart(picture, await noisyJpeg(2))).toBeGreaterThan(50);
  expect(await photosOfVisit()).toMatchObject([{ id, heldBytes: picture.length, hand: 'Isla Venn' }]);
});

it('come small for a list, as WebP, at a small part of the bytes', async () => {
  const { id } = await sent(picture);
  const { kind, bytes } = await seen(url(id), 'small');
  expect(kind).toBe('image/webp');
  expect(bytes.length).toBeLessThan(picture.length / 2);
  expect((await visitor.send('GET', `${url(id)}/content?size=huge`)).body.error.code).toBe('INPUT_INVALID');
});

it('one kept before there were small ones gets its own when it is looked at', async () => {
  const { id } = await sent(picture);
  await running.db.query('DELETE FROM photo_small WHERE photo_id = ?', [id]);
  expect((await seen(url(id), 'small')).kind).toBe('image/webp');
  expect(await running.db.query('SELECT photo_id FROM photo_small WHERE photo_id = ?', [id])).toHaveLength(1);
});

it('late pieces, and the last one from four devices at once, take nothing back', async () => {
  const { id, body } = announced(picture);
  await visitor.send('PUT', url(id), body);
  await piece(id, 0, picture.subarray(0, CUT));
  const last = await Promise.all([1, 2, 3, 4].map(() => piece(id, CUT, picture.subarray(CUT))));
  expect(last.map((r) => [r.status, r.body.heldBytes])).toEqual(Array(4).fill([200, picture.length]));
  const { bytes } = await seen(url(id));
  expect((await piece(id, 0, picture.subarray(0, CUT))).body.heldBytes).toBe(picture.length);
  expect((await seen(url(id))).bytes.equals(bytes)).toBe(true);
});

it('one whose last piece came just before the server ended is opened when it is asked for again', async () => {
  const { id, body } = announced(picture);
  await visitor.send('PUT', url(id), body);
  await piece(id, 0, picture.subarray(0, CUT));
  await running.db.query('INSERT INTO photo_piece VALUES (?, ?, ?)', [id, CUT, picture.subarray(CUT)]);
  await running.db.query('UPDATE photo SET held_bytes = bytes WHERE id = ?', [id]);
  expect((await visitor.send('PUT', url(id), body)).body.heldBytes).toBe(picture.length);
  const [row] = await running.db.query('SELECT kept_bytes AS kept, width_px AS wide FROM photo WHERE id = ?', [id]);
  expect(row).toEqual({ kept: (await seen(url(id))).bytes.length, wide: 420 });
});

it('that are only the beginning of a picture are refused with the last piece, and can be sent again', async () => {
  const { id, last } = await sent(Buffer.concat([picture.subarray(0, CUT), Buffer.alloc(100)]));
  expect(last.body.error.code).toBe('PHOTO_NOT_A_PICTURE');
  expect((await visitor.send('GET', `/api/visits/${ids.visitId}`)).body.photos).toMatchObject([{ id, heldBytes: 0 }]);
});

it('a piece out of place is refused, and so is what is no picture', async () => {
  const { id, body } = announced(picture);
  await visitor.send('PUT', url(id), body);
  expect((await piece(id, 5, picture.subarray(0, 10))).body.error.code).toBe('PHOTO_PIECE_OUT_OF_PLACE');
  expect((await piece(id, 0, Buffer.from('%PDF-1.7 not a picture'))).body.error.code).toBe('PHOTO_NOT_A_PICTURE');
  expect((await piece(id, 0, Buffer.alloc(300_000, 1))).body.error.code).toBe('INPUT_TOO_LARGE');
});

it('one that arrives damaged is emptied and can be sent again', async () => {
  const { id, body } = announced(picture);
  await visitor.send('PUT', url(id), body);
  const broken = Buffer.from(picture);
  broken[100_000]! ^= 1;
  await piece(id, 0, broken.subarray(0, CUT));
  expect((await piece(id, CUT, broken.subarray(CUT))).body.error.code).toBe('PHOTO_BROKEN');
  expect((await photosOfVisit())[0].heldBytes).toBe(0);
  await piece(id, 0, picture.subarray(0, CUT));
  expect((await piece(id, CUT, picture.subarray(CUT))).body.heldBytes).toBe(picture.length);
});

it('of a saddle of the stock are kept apart from those of visits', async () => {
  const { id, body } = announced(picture);
  const saddleId = DEMO_SADDLES[0]!.id;
  const saddleUrl = `/api/saddles/${saddleId}/photos/${id}`;
  expect((await visitor.send('PUT', saddleUrl, { ...body, view: 'under' })).body).toMatchObject({ id, saddleId, heldBytes: 0 });
  expect((await piece(id, 0, picture.subarray(0, 10))).body.error.code).toBe('NOT_FOUND');
  await piece(id, 0, picture.subarray(0, CUT), saddleUrl);
  expect((await piece(id, CUT, picture.subarray(CUT), saddleUrl)).body.heldBytes).toBe(picture.length);
  expect(await apart(picture, (await seen(saddleUrl)).bytes)).toBeLessThan(25);
  expect((await visitor.send('GET', '/api/saddle-photos')).body).toMatchObject([{ id, saddleId, view: 'under', hand: 'Isla Venn' }]);
  expect((await photosOfVisit()).map((p: { id: string }) => p.id)).not.toContain(id);
  expect((await visitor.send('PUT', url(id), body)).body.error.code).toBe('NOT_FOUND');
});

it('of 60 MB, or of another kind, is refused before a byte is sent', async () => {
  const { id, body } = announced(picture);
  expect((await visitor.send('PUT', url(id), { ...body, bytes: 60_000_000 })).body.error.code).toBe('INPUT_INVALID');
  expect((await visitor.send('PUT', url(id), { ...body, mediaType: 'image/svg+xml' })).body.error.code).toBe('INPUT_INVALID');
});

it('a practice has room for so many bytes, says how many are used, and no race goes past it', async () => {
  const { usedBytes, quotaBytes } = (await visitor.send('GET', '/api/photo-room')).body;
  expect(quotaBytes).toBe(PHOTO_QUOTA_BYTES);
  const small = await startServer({ photoQuotaBytes: 3 * picture.length });
  try {
    const fitter = await demoFitter(small);
    const { visitId } = await startedVisit(fitter);
    const before = (await fitter.send('GET', '/api/photo-room')).body.usedBytes as number;
    expect(before).toBeLessThan(usedBytes);
    const announce = (bytes: number) => {
      const { id, body } = announced(picture);
      return fitter.send('PUT', `/api/visits/${visitId}/photos/${id}`, { ...body, bytes });
    };
    const left = 3 * picture.length - before;
    expect((await announce(left + 1)).body.error.code).toBe('PHOTO_ROOM_FULL');
    // an announcement takes no room: only bytes do
    const told = Array.from({ length: 6 }, () => announced(picture));
    const replies = await Promise.all(told.map(({ id, body }) => fitter.send('PUT', `/api/visits/${visitId}/photos/${id}`, body)));
    expect(replies.map((r) => r.status)).toEqual(told.map(() => 200));
    expect((await fitter.send('GET', '/api/photo-room')).body.usedBytes).toBe(before);
    const most = Math.floor(left / picture.length);
    const sent = await Promise.all(
      told.map(async ({ id }) => {
        const response = await fetch(`${small.base}/api/visits/${visitId}/photos/${id}/content?from=0`, {
          method: 'PUT',
          headers: { 'content-type': 'application/octet-stream', cookie: fitter.cookie, 'x-fulcra-csrf': fitter.csrf },
          body: new Uint8Array(picture),
        });
        return { status: response.status, body: (await response.json()) as { error: { code: string } } };
      }),
    );
    expect(sent.filter((r) => r.status === 200)).toHaveLength(most);
    expect(new Set(sent.filter((r) => r.status !== 200).map((r) => r.body.error.code))).toEqual(new Set(['PHOTO_ROOM_FULL']));
    expect((await fitter.send('GET', '/api/photo-room')).body.usedBytes).toBeLessThanOrEqual(3 * picture.length);
  } finally {
    await small.stop();
  }
});
