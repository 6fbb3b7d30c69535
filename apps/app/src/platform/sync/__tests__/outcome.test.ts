import { createApi, NoAnswer, NotUnderstood, Refused } from '../../api-client';
import { outcomeOf } from '../outcome';
import { sendEntries } from '../send-entries';
import { type Waiting } from '../waiting';
import { factWrite, horseWrite } from './fakes';

const error = (code: string) => ({ code, message: 'm', remedy: 'r' });

describe('what an answer that says no means', () => {
  it.each([
    [401, 'signedOut'],
    [403, 'sessionStale'],
    [408, 'busy'],
    [429, 'busy'],
    [500, 'serverFails'],
    [502, 'serverFails'],
    [503, 'noSignal'],
  ] as const)('%d is tried again by itself: %s', (status, trouble) => {
    expect(outcomeOf({ status, error: error('X') })).toMatchObject({ kind: 'later', trouble });
  });

  it.each([400, 404, 409, 413, 415, 422])('%d is put before the person', (status) => {
    expect(outcomeOf({ status, error: error('X') })).toEqual({ kind: 'refused', refusal: { message: 'm', remedy: 'r' } });
  });

  it('names the fields and the core’s reasons, and brings what clashes', () => {
    const fields = [{ path: 'note', message: 'x' }];
    expect(outcomeOf({ status: 400, error: { ...error('INPUT_INVALID'), fields } })).toEqual({
      kind: 'refused',
      refusal: { message: 'm', remedy: 'r', fields: ['note'] },
    });
    const problems = [{ code: 'SECTION_TOO_FEW', values: {} }];
    expect(outcomeOf({ status: 422, error: { ...error('X'), problems } })).toMatchObject({ refusal: { message: 'm', problems } });
    const clash = { fields: ['note'], theirs: { note: 'b' } };
    expect(outcomeOf({ status: 409, error: { ...error('FIELDS_CLASH'), clash } })).toMatchObject({ refusal: { clash } });
  });

  it('pieces of a picture that are out of step are asked about again', () => {
    for (const code of ['PHOTO_BROKEN', 'PHOTO_PIECE_OUT_OF_PLACE'])
      expect(outcomeOf({ status: 409, error: error(code) }).kind).toBe('later');
  });
});

/** The line with a server that gives one answer. */
const lineTo = (answer: () => Promise<Response>) => createApi(answer, () => undefined);
const json = (status: number, body: unknown, headers: Record<string, string> = {}) =>
  lineTo(async () => ({ ok: status < 400, status, headers: new Headers(headers), json: async () => body }) as Response);
const garbage = (status: number) =>
  lineTo(
    async () =>
      ({
        ok: status < 400,
        status,
        headers: new Headers(),
        json: async () => {
          throw new SyntaxError('not JSON');
        },
      }) as unknown as Response,
  );
const full = { code: 'X', message: 'm', remedy: 'r', requestId: 'q' };

describe('the line', () => {
  it('throws what it means, and nothing else', async () => {
    await expect(json(409, { error: full }).request('PUT', '/x', {})).rejects.toBeInstanceOf(Refused);
    await expect(lineTo(() => Promise.reject(new TypeError('net'))).request('GET', '/x')).rejects.toBeInstanceOf(NoAnswer);
    await expect(garbage(502).request('GET', '/x')).rejects.toBeInstanceOf(NoAnswer);
    await expect(garbage(200).request('GET', '/x')).rejects.toBeInstanceOf(NotUnderstood);
    await expect(garbage(404).request('GET', '/x')).rejects.toBeInstanceOf(NotUnderstood);
    await expect(json(500, { other: 1 }).request('GET', '/x')).rejects.toBeInstanceOf(NotUnderstood);
  });

  it('hears how long it is to wait', async () => {
    const refusal = await json(429, { error: full }, { 'retry-after': '7' })
      .request('GET', '/x')
      .catch((e: unknown) => e);
    expect(refusal).toMatchObject({ status: 429, retryAfterMs: 7000 });
  });
});

const entry = (write: Waiting['write'], id = 'e'): Waiting => ({ id, order: 1, practiceId: 'p', personId: 'x', write });
const noPhotos = { get: async () => undefined, drop: async () => undefined };
const facts = [entry(factWrite('a'), 'a'), entry(factWrite('b'), 'b')];

describe('sending entries over it', () => {
  it('one alone is taken only where the answer is the record', async () => {
    const { body } = horseWrite() as Extract<Waiting['write'], { kind: 'horse' }>;
    const record = { id: '019b8b1f-2400-7000-8000-000000000131', ...body };
    expect(await sendEntries(json(200, record), noPhotos)([entry(horseWrite())])).toEqual([{ kind: 'taken' }]);
    expect(await sendEntries(json(200, { ok: true }), noPhotos)([entry(horseWrite())])).toEqual([
      { kind: 'later', trouble: 'notUnderstood' },
    ]);
  });

  it('many have each their own answer', async () => {
    const reply = { results: [{ ok: true }, { ok: false, status: 422, error: full }] };
    expect(await sendEntries(json(200, reply), noPhotos)(facts)).toMatchObject([{ kind: 'taken' }, { kind: 'refused' }]);
  });

  it('more answers than entries, or none that can be read, is no answer', async () => {
    const three = { results: [{ ok: true }, { ok: true }, { ok: true }] };
    for (const reply of [three, { results: 'x' }, null]) {
      expect(await sendEntries(json(200, reply), noPhotos)(facts)).toEqual([{ kind: 'later', trouble: 'notUnderstood' }]);
    }
  });

  it('a picture that is gone from the device is put before the person; one the server has whole is taken', async () => {
    const body = {
      view: 'under' as const,
      note: '',
      takenAt: '2026-11-20T09:00:00.000Z',
      mediaType: 'image/jpeg' as const,
      bytes: 9,
      sha256: 'a'.repeat(64),
    };
    const write = { kind: 'saddlePhoto' as const, saddleId: 's', photoId: 'p', body };
    const [id, saddleId] = ['019b8b1f-2400-7000-8000-000000000131', '019b8b1f-2400-7000-8000-000000000132'];
    const held = (heldBytes: number) => json(200, { ...body, id, saddleId, hand: 'Isla', heldBytes });
    expect(await sendEntries(held(0), noPhotos)([entry(write)])).toMatchObject([{ kind: 'refused' }]);
    expect(await sendEntries(held(9), noPhotos)([entry(write)])).toEqual([{ kind: 'taken' }]);
  });
});
