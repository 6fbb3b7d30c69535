import { LOOK_NOTES_MOST, reportSchema, sharedPageSchema } from '@fulcra/contract';
import { DEMO_SADDLES } from '@fulcra/demo';
import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { v7 } from 'uuid';
import { LINK_DAY } from '../src/platform/link-day';
import { DECISION, demoFitter, startedVisit, tackFound } from './journeys';
import { type Running, type Visitor, startServer } from './running-server';

let running: Running;
let fitter: Visitor;
beforeAll(async () => {
  running = await startServer();
  fitter = await demoFitter(running);
});
afterAll(() => running.stop());

const SADDLE = DEMO_SADDLES[0]!.id;
const owner = () => running.visitor();
const linkTo = async (horseId: string, days = 30) =>
  (await fitter.send('POST', `/api/horses/${horseId}/links`, { ownerName: 'An Owner', days })).body as { id: string; token: string };
/** What came through a link today came a day earlier. */
const yesterday = (linkId: string) =>
  running.db.query('UPDATE owner_link_day SET on_day = on_day - INTERVAL 1 DAY WHERE link_id = ? ORDER BY on_day', [linkId]);
const code = (reply: { readonly body: { readonly error?: { readonly code: string } } }) => reply.body.error?.code ?? null;

/** A horse whose visit was closed with a saddle, and a link to it. */
async function finished() {
  const ids = await startedVisit(fitter);
  await fitter.send('PUT', `/api/visits/${ids.visitId}/decisions/${v7()}`, { ...DECISION, saddleId: SADDLE });
  const { id: _, fitter: __, ...was } = (await fitter.send('GET', `/api/visits/${ids.visitId}`)).body.visit;
  const said = { kind: 'forOwner', said: 'It fits today.', watchFor: 'Rubs behind the shoulder.' };
  await fitter.send('PUT', `/api/visits/${ids.visitId}/facts/${v7()}`, { madeAt: '2026-11-20T09:00:00.000Z', body: said });
  await fitter.send('PUT', `/api/visits/${ids.visitId}`, { ...was, status: 'done', was });
  return { ...ids, link: await linkTo(ids.horseId) };
}

describe('a link', () => {
  it('is 128 random bits, told once and stored as a hash only', async () => {
    const { link, horseId } = await finished();
    expect(link.token).toMatch(/^[\w-]{22}$/);
    expect(Buffer.from(link.token, 'base64url')).toHaveLength(16);
    const list = (await fitter.send('GET', `/api/horses/${horseId}/links`)).body;
    expect(JSON.stringify(list)).not.toContain(link.token);
    const stored = await running.db.query('SELECT * FROM owner_link');
    expect(JSON.stringify(stored)).not.toContain(link.token);
    const other = await linkTo(horseId);
    expect(other.token).not.toBe(link.token);
  });

  it('shows its horse without an account, and says that nobody is to index it', async () => {
    const { link, horseId, visitId } = await finished();
    const reply = await owner().send('GET', `/api/shared/${link.token}`);
    const page = sharedPageSchema.parse(reply.body);
    expect(page.report).toMatchObject({ horse: { id: horseId }, visit: { id: visitId, said: 'It fits today.' } });
    expect(page.report.tack.map((t) => t.kind)).toContain('saddle');
    expect(reply.headers.get('x-robots-tag')).toContain('noindex');
    expect(reply.headers.get('referrer-policy')).toBe('no-referrer');
    expect(reply.headers.get('cache-control')).toBe('no-store');
    expect(reply.headers.get('set-cookie')).toBeNull();
  });

  it('says what the drawing of the horse is pulled by, and nothing where nothing was read', async () => {
    const whole = (await fitter.send('GET', '/api/visits/019b8b1f-2400-7000-8000-000000000130/report')).body;
    expect(reportSchema.parse(whole).form).toMatchObject({ heightMm: expect.any(Number), topline: { dipMm: expect.any(Number) } });
    const { visitId } = await startedVisit(fitter, []);
    expect((await fitter.send('GET', `/api/visits/${visitId}/report`)).body.form).toBeNull();
  });

  it('opens nothing once it is taken back, has expired, or was guessed', async () => {
    const { link, horseId } = await finished();
    const see = async (token: string) => code(await owner().send('GET', `/api/shared/${token}`));
    expect(await see(link.token)).toBeNull();
    await fitter.send('DELETE', `/api/links/${link.id}`);
    expect(await see(link.token)).toBe('LINK_UNKNOWN');
    expect(code(await owner().send('PUT', `/api/shared/${link.token}/words/${v7()}`, { body: ASKS }))).toBe('LINK_UNKNOWN');
    const old = await linkTo(horseId);
    await running.db.query('UPDATE owner_link SET expires_at = ? WHERE id = ?', [new Date(Date.now() - 1000), old.id]);
    expect(await see(old.token)).toBe('LINK_UNKNOWN');
    expect(await see('A'.repeat(22))).toBe('LINK_UNKNOWN');
    expect(await see('x')).toBe('INPUT_INVALID');
    expect(await see(link.id)).toBe('INPUT_INVALID');
  });

  it.each([0, 731, 1.5])('does not live for %d days', async (days) => {
    const { horseId } = await startedVisit(fitter);
    const reply = await fitter.send('POST', `/api/horses/${horseId}/links`, { ownerName: 'An Owner', days });
    expect(reply.status).toBe(400);
  });

  it('reaches nothing else: no route of the practice takes it', async () => {
    const { link } = await finished();
    const routes = running.routes.filter(
      (r) => !r.url.startsWith('/api/shared/') && !['/api/health', '/api/ready', '/api/welcome'].includes(r.url),
    );
    for (const { method, url } of routes) {
      if (method === 'POST' && url === '/api/session') continue;
      const path = url.replace(/\{\w+\}/g, link.token);
      const reply = await owner().send(method, path, method === 'GET' || method === 'DELETE' ? undefined : {}, {
        authorization: `Bearer ${link.token}`,
      });
      expect([method, url, reply.status >= 400]).toEqual([method, url, true]);
    }
  });

  it('is asked for so often and no oftener', async () => {
    const slow = await startServer({ linksPerMinute: 5 });
    try {
      const replies = [];
      for (let i = 0; i < 7; i++) replies.push(await slow.visitor().send('GET', `/api/shared/${'A'.repeat(22)}`));
      expect(replies.map((r) => r.status)).toEqual([404, 404, 404, 404, 404, 429, 429]);
      expect(code(replies[5]!)).toBe('LINK_TOO_OFTEN');
    } finally {
      await slow.stop();
    }
  });
});

const ASKS = { kind: 'asksVisit', when: 'a weekday after four', note: 'She rubs her tail.' };

describe('what an owner says', () => {
  it('reaches the practice as the owner’s word, once however often it is sent, and is taken up by name', async () => {
    const { link, horseId } = await finished();
    const path = `/api/shared/${link.token}/words/${v7()}`;
    for (let i = 0; i < 2; i++) expect((await owner().send('PUT', path, { body: ASKS })).status).toBe(200);
    expect(code(await owner().send('PUT', path, { body: { ...ASKS, note: 'other' } }))).toBe('FACT_IMMUTABLE');
    const [word, ...more] = ((await fitter.send('GET', '/api/owner-words')).body as { horseId: string; id: string }[]).filter(
      (w) => w.horseId === horseId,
    );
    expect(more).toEqual([]);
    expect(word).toMatchObject({ ownerName: 'An Owner', body: ASKS, takenUp: null });
    const { id, ...was } = word!;
    const takenUp = { by: 'Isla Venn', at: '2026-11-25T10:00:00.000Z', visitId: null };
    const put = (change: object) => fitter.send('PUT', `/api/owner-words/${id}`, { ...was, takenUp, ...change, was });
    expect(code(await put({ takenUp: { ...takenUp, by: 'Somebody' } }))).toBe('MEASURE_OTHER_HAND');
    expect(code(await put({ body: { ...ASKS, note: 'reworded' } }))).toBe('FACT_IMMUTABLE');
    expect((await put({})).status).toBe(200);
    expect(code(await fitter.send('PUT', `/api/owner-words/${v7()}`, { ...was, was: null }))).toBe('NOT_FOUND');
    const page = (await owner().send('GET', `/api/shared/${link.token}`)).body;
    expect(page.words).toMatchObject([{ body: ASKS, takenUp: { by: 'Isla Venn' } }]);
  });

  it('never fills the practice: forty wait at most', async () => {
    const { link } = await finished();
    const say = () => owner().send('PUT', `/api/shared/${link.token}/words/${v7()}`, { body: ASKS });
    for (let day = 1; day <= 2; day++) {
      for (let i = 0; i < LINK_DAY.words; i++) expect((await say()).status).toBe(200);
      await yesterday(link.id);
    }
    expect(2 * LINK_DAY.words).toBe(40);
    const racing = await Promise.all(Array.from({ length: 6 }, say));
    expect(new Set(racing.map(code))).toEqual(new Set(['WORDS_FULL']));
  });

  it('takes so much in a day through one link, counted in the write: of a race as many as it takes, and tomorrow more', async () => {
    const { link } = await finished();
    const say = () => owner().send('PUT', `/api/shared/${link.token}/words/${v7()}`, { body: ASKS });
    const racing = await Promise.all(Array.from({ length: LINK_DAY.words + 5 }, say));
    expect(racing.filter((r) => r.status === 200)).toHaveLength(LINK_DAY.words);
    expect(new Set(racing.map(code))).toEqual(new Set([null, 'LINK_DAY_FULL']));
    // the same one again is not one more
    const known = (await owner().send('GET', `/api/shared/${link.token}`)).body.words[0].id as string;
    expect((await owner().send('PUT', `/api/shared/${link.token}/words/${known}`, { body: ASKS })).status).toBe(200);
    await yesterday(link.id);
    expect((await say()).status).toBe(200);
  });

  it('announces so many photos in a day, and none of them takes room before its bytes come', async () => {
    const { link } = await finished();
    const used = async () => (await fitter.send('GET', '/api/photo-room')).body.usedBytes as number;
    const before = await used();
    const word = v7();
    await owner().send('PUT', `/api/shared/${link.token}/words/${word}`, { body: ASKS });
    const announce = async (at: string) =>
      owner().send('PUT', `/api/shared/${link.token}/words/${at}/photos/${v7()}`, {
        ...{ view: 'behind', mediaType: 'image/jpeg', bytes: 11_000_000, sha256: 'a'.repeat(64) },
      });
    for (let i = 0; i < LINK_DAY.photos; i++) expect((await announce(word)).status).toBe(200);
    expect(await used()).toBe(before);
    const other = v7();
    await owner().send('PUT', `/api/shared/${link.token}/words/${other}`, { body: ASKS });
    expect(code(await announce(other))).toBe('LINK_DAY_FULL');
  });

  it.each([
    ['no change named', { kind: 'changed', what: [], note: '' }],
    ['a kind that isn’t one', { kind: 'decided', what: ['rubs'], note: '' }],
    ['a note without end', { kind: 'asksVisit', when: '', note: 'x'.repeat(5000) }],
    ['a back of three metres', { kind: 'home', backLengthMm: 3000, girthMm: null, weightKg: null, stood: [], tiltDeg: null, note: '' }],
  ])('is refused with %s', async (_, body) => {
    const { link } = await finished();
    expect(code(await owner().send('PUT', `/api/shared/${link.token}/words/${v7()}`, { body }))).toBe('INPUT_INVALID');
  });

  it('the monthly look holds the tack at once, under the owner’s name, and only what goes with the horse', async () => {
    const { link, visitId } = await finished();
    const found = [{ point: 'strapStitching', side: 'near', finding: 'unsafe', note: '<b>torn</b>' }];
    const checks = `/api/shared/${link.token}/checks`;
    expect(code(await owner().send('PUT', `${checks}/${v7()}`, { itemId: DEMO_SADDLES[1]!.id, found }))).toBe('NOT_FOUND');
    expect(code(await owner().send('PUT', `${checks}/${v7()}`, { itemId: SADDLE, found: [{ ...found[0], point: 'iron' }] }))).toBe(
      'INPUT_INVALID',
    );
    const id = v7();
    for (let i = 0; i < 2; i++) expect((await owner().send('PUT', `${checks}/${id}`, { itemId: SADDLE, found })).status).toBe(200);
    const list = (await fitter.send('GET', '/api/tack-checks')).body as { id: string }[];
    expect(list.filter((c) => c.id === id)).toMatchObject([{ hand: 'An Owner', source: 'owner', round: 'monthly', found }]);
    const { id: _, fitter: __, ...closed } = (await fitter.send('GET', `/api/visits/${visitId}`)).body.visit;
    const was = { ...closed, status: 'open' };
    await fitter.send('PUT', `/api/visits/${visitId}`, { ...was, was: closed });
    expect(code(await fitter.send('PUT', `/api/visits/${visitId}`, { ...was, result: 'goodToRide', was }))).toBe('TACK_UNSAFE');
    const mended = { by: 'A Saddler', what: 'stitched anew', clears: [id] };
    const { body } = await tackFound(fitter, 'saddle', v7(), []);
    const mend = { ...body, itemId: SADDLE, found: [], mended };
    expect((await fitter.send('PUT', `/api/tack-checks/${v7()}`, mend)).status).toBe(200);
    expect((await fitter.send('PUT', `/api/visits/${visitId}`, { ...was, result: 'goodToRide', was })).status).toBe(200);
  });

  it('what an owner found unsafe after the answer to the first look was lost is kept, under whatever id it is sent again', async () => {
    const { link } = await finished();
    const put = (id: string, finding: string) => {
      const found = [{ point: 'barCatch', side: 'near', finding, note: '' }];
      return owner().send('PUT', `/api/shared/${link.token}/checks/${id}`, { itemId: SADDLE, found });
    };
    const id = v7();
    const looks = async () =>
      (
        (await fitter.send('GET', '/api/tack-checks')).body as {
          itemId: string;
          source: string;
          found: { point: string; finding: string }[];
        }[]
      )
        .filter((c) => c.itemId === SADDLE && c.source === 'owner' && c.found[0]?.point === 'barCatch')
        .map((c) => c.found[0]!.finding);
    for (const finding of ['sound', 'unsafe', 'unsafe', 'sound']) expect((await put(id, finding)).status).toBe(200);
    expect((await looks()).sort()).toEqual(['sound', 'unsafe']);
    const page = (await owner().send('GET', `/api/shared/${link.token}`)).body;
    expect(page.report.tack.find((t: { id: string }) => t.id === SADDLE).state).toBe('unsafe');
  });

  it('a picture’s own bytes come through the link, and the fitter reads back a picture', async () => {
    const { link } = await finished();
    const [wordId, photoId] = [v7(), v7()];
    await owner().send('PUT', `/api/shared/${link.token}/words/${wordId}`, { body: ASKS });
    const bytes = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#805020' } })
      .jpeg()
      .toBuffer();
    const sha256 = createHash('sha256').update(bytes).digest('hex');
    const at = `/api/shared/${link.token}/words/${wordId}/photos/${photoId}`;
    expect((await owner().send('PUT', at, { view: 'detail', mediaType: 'image/jpeg', bytes: bytes.length, sha256 })).body.heldBytes).toBe(
      0,
    );
    const half = Math.floor(bytes.length / 2);
    for (const [from, piece] of [
      [0, bytes.subarray(0, half)],
      [half, bytes.subarray(half)],
    ] as const) {
      const reply = await fetch(`${running.base}${at}/content?from=${from}`, {
        method: 'PUT',
        headers: { 'content-type': 'application/octet-stream' },
        body: new Uint8Array(piece),
      });
      expect([reply.status, await reply.json()]).toEqual([200, { heldBytes: from + piece.length }]);
    }
    const back = await fetch(`${running.base}/api/owner-words/${wordId}/photos/${photoId}/content`, { headers: { cookie: fitter.cookie } });
    const { width, height } = await sharp(Buffer.from(await back.arrayBuffer())).metadata();
    expect([back.status, back.headers.get('content-type'), width, height]).toEqual([200, 'image/jpeg', 60, 40]);
  });

  it('pictures come with a word of the link’s own horse, in pieces, no larger than twelve megabytes', async () => {
    const { link } = await finished();
    const other = await finished();
    const wordId = v7();
    await owner().send('PUT', `/api/shared/${link.token}/words/${wordId}`, { body: ASKS });
    const photo = { view: 'detail', mediaType: 'image/jpeg', bytes: 3, sha256: 'a'.repeat(64) };
    const at = (token: string, id: string) => `/api/shared/${token}/words/${wordId}/photos/${id}`;
    expect(code(await owner().send('PUT', at(other.link.token, v7()), photo))).toBe('NOT_FOUND');
    expect(code(await owner().send('PUT', at(link.token, v7()), { ...photo, bytes: 40_000_000 }))).toBe('INPUT_INVALID');
    const photoId = v7();
    expect((await owner().send('PUT', at(link.token, photoId), photo)).body).toEqual({ heldBytes: 0 });
    const list = (await fitter.send('GET', '/api/owner-photos')).body as { ownerWordId: string }[];
    expect(list.filter((p) => p.ownerWordId === wordId)).toMatchObject([{ id: photoId, hand: 'The owner' }]);
  });
});

describe('an owner’s looks', () => {
  const SPOTS = [
    { point: 'saddleOther', side: null },
    { point: 'barCatch', side: 'near' },
    { point: 'barCatch', side: 'off' },
  ] as const;
  const look = (token: string, notes: readonly string[], id = v7()) => {
    const found = notes.map((note, i) => ({ ...SPOTS[i]!, finding: 'watch', note }));
    return owner().send('PUT', `/api/shared/${token}/checks/${id}`, { itemId: SADDLE, found });
  };

  it('say one thing of one spot: twice is refused in words', async () => {
    const { link } = await finished();
    const found = [1, 2].map((n) => ({ ...SPOTS[0], finding: 'watch', note: `${n}` }));
    const reply = await owner().send('PUT', `/api/shared/${link.token}/checks/${v7()}`, { itemId: SADDLE, found });
    expect([reply.status, code(reply)]).toEqual([400, 'INPUT_INVALID']);
    expect(JSON.stringify(reply.body.error)).toContain('is said twice');
  });

  it('hold so many letters together, whatever they are spread over', async () => {
    const { link } = await finished();
    const half = 'x'.repeat(LOOK_NOTES_MOST / 2);
    expect((await look(link.token, [half, half])).status).toBe(200);
    expect(code(await look(link.token, [half, half, 'y']))).toBe('INPUT_INVALID');
  });

  it('are so many a day through one link; the same one again is not one more', async () => {
    const { link } = await finished();
    const first = v7();
    expect((await look(link.token, ['a'], first)).status).toBe(200);
    const more = await Promise.all(Array.from({ length: LINK_DAY.looks + 2 }, (_, i) => look(link.token, [`n ${i}`])));
    expect(more.filter((r) => r.status === 200)).toHaveLength(LINK_DAY.looks - 1);
    expect(new Set(more.map(code))).toEqual(new Set([null, 'LINK_DAY_FULL']));
    expect((await look(link.token, ['a'], first)).status).toBe(200);
  });
});
