import { DEMO_LEATHERS, DEMO_SADDLES } from '@fulcra/demo';
import { v7 } from 'uuid';
import { demoFitter, tackFound, tackMended } from './journeys';
import { type Running, type Visitor, startServer } from './running-server';

let running: Running;
let fitter: Visitor;
beforeAll(async () => {
  running = await startServer();
  fitter = await demoFitter(running);
});
afterAll(() => running.stop());

const PAIR = DEMO_LEATHERS[0]!.id;
const SADDLE = DEMO_SADDLES[0]!.id;
const STITCHING = [{ point: 'leatherStitching', side: 'near' }];
const code = (reply: { readonly body: { readonly error?: { readonly code: string } } }) => reply.body.error?.code ?? null;

describe('a look at tack', () => {
  it('is kept as it was made and never altered; a sound one may be withdrawn', async () => {
    const { id, body } = await tackFound(fitter, 'leather', PAIR, STITCHING);
    const path = `/api/tack-checks/${id}`;
    const list = (await fitter.send('GET', '/api/tack-checks')).body as { id: string }[];
    expect(list.find((c) => c.id === id)).toEqual({ id, ...body });
    expect(code(await fitter.send('PUT', path, { ...body, round: 'monthly', was: body }))).toBe('MEASURE_IMMUTABLE');
    expect(code(await fitter.send('PUT', path, { ...body, withdrawn: true, was: body }))).toBe('TACK_HOLD_STANDS');
    const sound = { ...body, found: [{ ...STITCHING[0], finding: 'sound', note: '' }] };
    const soundPath = `/api/tack-checks/${v7()}`;
    await fitter.send('PUT', soundPath, sound);
    expect((await fitter.send('PUT', soundPath, { ...sound, withdrawn: true, was: sound })).status).toBe(200);
  });

  it('is one’s own, and never an owner’s', async () => {
    const { body } = await tackFound(fitter, 'leather', PAIR, STITCHING);
    const put = (change: object) => fitter.send('PUT', `/api/tack-checks/${v7()}`, { ...body, ...change });
    expect(code(await put({ hand: 'Somebody else' }))).toBe('MEASURE_OTHER_HAND');
    expect(code(await put({ source: 'owner' }))).toBe('INPUT_INVALID');
  });

  it.each([
    ['a point of another kind', { found: [{ point: 'treeArch', side: null, finding: 'sound', note: '' }] }],
    ['a side where there is none', { found: [{ point: 'leatherOther', side: 'near', finding: 'watch', note: '' }] }],
    ['no side where there are two', { found: [{ point: 'iron', side: null, finding: 'sound', note: '' }] }],
    ['one spot said twice', { found: ['sound', 'watch'].map((finding) => ({ point: 'iron', side: 'off', finding, note: '' })) }],
    ['nothing at all', { found: [] }],
  ])('is refused with %s', async (_, change) => {
    const { body } = await tackFound(fitter, 'leather', PAIR, STITCHING);
    expect(code(await fitter.send('PUT', `/api/tack-checks/${v7()}`, { ...body, ...change }))).toBe('INPUT_INVALID');
  });

  it('is of something the practice has', async () => {
    expect(code((await tackFound(fitter, 'leather', SADDLE, STITCHING)).reply)).toBe('TACK_ITEM_UNKNOWN');
    expect(code((await tackFound(fitter, 'leather', v7(), STITCHING)).reply)).toBe('TACK_ITEM_UNKNOWN');
  });
});

describe('a mending', () => {
  it('names unsafe findings of its own item, with a name and what was done', async () => {
    const { id, body } = await tackFound(fitter, 'leather', PAIR, STITCHING);
    expect(code((await tackMended(fitter, 'saddle', SADDLE, id)).reply)).toBe('TACK_MENDING_UNKNOWN');
    expect(code((await tackMended(fitter, 'leather', PAIR, v7())).reply)).toBe('TACK_MENDING_UNKNOWN');
    const put = (change: object) =>
      fitter.send('PUT', `/api/tack-checks/${v7()}`, {
        ...body,
        found: [],
        mended: { by: 'B', what: 'new thread', clears: [id], ...change },
      });
    expect(code(await put({ by: ' ' }))).toBe('INPUT_INVALID');
    expect(code(await put({ what: 'ok' }))).toBe('INPUT_INVALID');
    expect(code(await put({ clears: [] }))).toBe('INPUT_INVALID');
    expect((await put({})).status).toBe(200);
  });

  it('finds nothing unsafe, and does not answer a sound look', async () => {
    const { id, body } = await tackFound(fitter, 'leather', PAIR, STITCHING);
    const mended = { by: 'B', what: 'new thread', clears: [id] };
    expect(code(await fitter.send('PUT', `/api/tack-checks/${v7()}`, { ...body, mended }))).toBe('INPUT_INVALID');
    const sound = v7();
    await fitter.send('PUT', `/api/tack-checks/${sound}`, { ...body, found: [{ ...STITCHING[0], finding: 'sound', note: '' }] });
    expect(code((await tackMended(fitter, 'leather', PAIR, sound)).reply)).toBe('TACK_MENDING_UNKNOWN');
  });
});

it('a picture of what was found is kept with it', async () => {
  const { id } = await tackFound(fitter, 'leather', PAIR, STITCHING);
  const photo = {
    view: 'detail',
    note: '',
    takenAt: '2026-11-20T09:00:00.000Z',
    mediaType: 'image/jpeg',
    bytes: 3,
    sha256: 'a'.repeat(64),
  };
  const photoId = v7();
  expect((await fitter.send('PUT', `/api/tack-checks/${id}/photos/${photoId}`, photo)).body).toMatchObject({
    id: photoId,
    tackCheckId: id,
  });
  const list = (await fitter.send('GET', '/api/tack-photos')).body as { id: string; tackCheckId: string }[];
  expect(list.filter((p) => p.tackCheckId === id).map((p) => p.id)).toEqual([photoId]);
  expect(code(await fitter.send('PUT', `/api/tack-checks/${v7()}/photos/${v7()}`, photo))).toBe('NOT_FOUND');
});
