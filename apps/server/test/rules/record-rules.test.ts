import { type HorseFields, type OrderFields, type PhotoWrite, MOST_PHOTOS } from '@fulcra/contract';
import { refuseStrangeStep, refuseUnseen } from '../../src/orders/order-rules';
import { heldAfter, isNewPhoto, refuseOneTooMany } from '../../src/photos/photo-rules';
import { FulcraError } from '../../src/platform/errors/fulcra-error';
import { isRetried } from '../../src/platform/db/in-one-write';
import { fieldsOf, mergedRecord } from '../../src/records/merge-record';
import { landmarksAt, tracedAt } from '../../src/views/tracings';

const refusal = (work: () => unknown): FulcraError => {
  try {
    work();
  } catch (error) {
    if (error instanceof FulcraError) return error;
    throw error;
  }
  throw new Error('it was allowed');
};

describe('photos', () => {
  it.each([
    [MOST_PHOTOS - 1, false],
    [MOST_PHOTOS, true],
    [MOST_PHOTOS + 1, true],
  ])('with %d held, one more is refused: %s', (held, refused) => {
    if (refused) expect(refusal(() => refuseOneTooMany(held)).code).toBe('PHOTOS_FULL');
    else expect(() => refuseOneTooMany(held)).not.toThrow();
  });

  it('sixty is the most', () => expect(MOST_PHOTOS).toBe(60));

  it('announced twice is one; another picture under its id, or another’s, is refused', () => {
    const photo = { sha256: 'a' };
    expect(isNewPhoto(null, photo)).toBe(true);
    expect(isNewPhoto({ sha256: 'a', own: true }, photo)).toBe(false);
    expect(refusal(() => isNewPhoto({ sha256: 'b', own: true }, photo)).code).toBe('PHOTO_IMMUTABLE');
    expect(refusal(() => isNewPhoto({ sha256: 'a', own: false }, photo)).code).toBe('NOT_FOUND');
    expect(refusal(() => isNewPhoto({ sha256: 'b', own: false }, photo)).code).toBe('NOT_FOUND');
  });

  const HEADS: Readonly<Record<PhotoWrite['mediaType'], number[]>> = {
    'image/jpeg': [0xff, 0xd8, 0xff, 0xe0, 0, 0, 0, 0, 0, 0, 0, 0],
    'image/png': [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 0],
    'image/webp': [...Buffer.from('RIFF'), 1, 2, 3, 4, ...Buffer.from('WEBP')],
  };
  const kinds = Object.keys(HEADS) as PhotoWrite['mediaType'][];
  it.each(kinds)('%s begins as such, and no other does', (mediaType) => {
    for (const head of kinds) {
      const first = () => heldAfter({ bytes: 20, heldBytes: 0, mediaType }, 0, Buffer.from(HEADS[head]));
      if (head === mediaType) expect(first()).toBe(12);
      else expect(refusal(first).code).toBe('PHOTO_NOT_A_PICTURE');
    }
  });
  it.each(kinds)('%s with one byte of its beginning wrong is none', (mediaType) => {
    const head = HEADS[mediaType];
    const counted = head.flatMap((_, i) => {
      const wrong = head.map((b, k) => (k === i ? b ^ 1 : b));
      try {
        heldAfter({ bytes: 20, heldBytes: 0, mediaType }, 0, Buffer.from(wrong));
        return [];
      } catch {
        return [i];
      }
    });
    const wanted = { 'image/jpeg': [0, 1, 2], 'image/png': [0, 1, 2, 3, 4, 5, 6, 7], 'image/webp': [0, 1, 2, 3, 8, 9, 10, 11] };
    expect(counted).toEqual(wanted[mediaType]);
  });

  const half = { bytes: 20, heldBytes: 12, mediaType: 'image/png' } as const;
  const piece = (length: number) => Buffer.alloc(length);
  it.each([
    ['the next piece', 12, 4, 16],
    ['the last piece', 12, 8, 20],
    ['one held already', 0, 12, null],
    ['one that begins inside what is held', 11, 8, null],
    ['a gap', 13, 4, 'PHOTO_PIECE_OUT_OF_PLACE'],
    ['past the end', 12, 9, 'PHOTO_PIECE_OUT_OF_PLACE'],
  ] as const)('%s', (_, from, length, outcome) => {
    const add = () => heldAfter(half, from, piece(length));
    if (typeof outcome === 'string') expect(refusal(add).code).toBe(outcome);
    else expect(add()).toBe(outcome);
  });
});

const NOBODYS = { ownerId: null, payerId: null, yardId: null, ridesIn: null, gone: null } as const;
describe('one person’s change meets what stands there now', () => {
  const marl: HorseFields = { name: 'Marl', kind: 'cob', bornYear: 2015, heightMm: 1500, note: '', sex: 'mare', riderIds: [], ...NOBODYS };
  const put = (was: HorseFields | null, mine: Partial<HorseFields>, theirs: HorseFields | null) =>
    mergedRecord<'horse'>('horse', { ...marl, ...mine, was }, theirs);

  it('a new record is as it was written', () => expect(put(null, { name: 'Tarn' }, null)).toEqual({ ...marl, name: 'Tarn' }));

  it('different fields come together', () =>
    expect(put(marl, { note: 'girthy' }, { ...marl, heightMm: 1510 })).toEqual({ ...marl, note: 'girthy', heightMm: 1510 }));

  it('the same field changed two ways is put to a person, with what stands there', () => {
    const theirs = { ...marl, note: 'theirs' };
    const { code, details } = refusal(() => put(marl, { note: 'mine' }, theirs));
    expect(code).toBe('FIELDS_CLASH');
    expect(details.clash).toEqual({ fields: ['note'], theirs });
  });

  it('the same change twice is no clash', () => expect(put(marl, { note: 'x' }, { ...marl, note: 'x' })).toEqual({ ...marl, note: 'x' }));

  it('a write that can’t stand alone names its fields', () => {
    const { code, details } = refusal(() => put(null, { name: '', heightMm: 9 }, null));
    expect(code).toBe('INPUT_INVALID');
    expect(details.fields!.map((f) => f.path).sort()).toEqual(['heightMm', 'name']);
    expect(details.fields!.every((f) => f.message !== '')).toBe(true);
  });

  it('two changes that are each right and can’t stand together are put to a person', () => {
    const { code, details } = refusal(() => put(marl, { name: '' }, { ...marl, note: 'theirs' }));
    expect([code, details.clash?.fields]).toEqual(['FIELDS_CLASH', ['name']]);
  });

  it('what this person left alone and can’t stand is the write’s own fault', () => {
    const broken = { ...marl, name: '' };
    expect(refusal(() => put(broken, { name: '' }, broken)).code).toBe('INPUT_INVALID');
  });

  it('a row gives its record’s fields and nothing the table keeps beside them', () => {
    expect(fieldsOf('horse', { ...marl, id: 'h', practiceId: 'p', seq: 3 })).toEqual(marl);
  });
});

describe('what goes out with the tracings of a horse', () => {
  it('the takes of that visit', () => {
    const takes = [
      { visitId: 'a', id: 1 },
      { visitId: 'b', id: 2 },
      { visitId: 'a', id: 3 },
    ];
    expect(tracedAt(takes, 'a').map((t) => t.id)).toEqual([1, 3]);
  });
  it('its landmarks, and no other fact', () => {
    const fact = (visitId: string, kind: string) => ({ visitId, body: { kind } });
    const all = [fact('a', 'landmark'), fact('a', 'complaint'), fact('b', 'landmark')];
    expect(landmarksAt(all, 'a')).toEqual([fact('a', 'landmark')]);
  });
});

describe('what another write of the same moment does to this one', () => {
  it.each([1213, 1205, 1020, 1062, 1180])('error %d is tried again', (errno) => expect(isRetried({ errno })).toBe(true));
  it.each([[{ errno: 1064 }], [{ errno: 1452 }], [{}], [null], [undefined], [new FulcraError('NOT_FOUND')]])('%p is not', (error) =>
    expect(isRetried(error)).toBe(false),
  );
});

describe('a refusal as it is sent', () => {
  it('has its code’s words and status, and only the details it has', () => {
    const plain = new FulcraError('NOT_FOUND');
    expect(plain.status).toBe(404);
    expect(plain.reply('r1')).toEqual({
      error: { code: 'NOT_FOUND', message: plain.message, remedy: expect.stringMatching(/\.$/), requestId: 'r1' },
    });
    const full = new FulcraError('FIELDS_CLASH', {
      fields: [{ path: 'note', message: 'no' }],
      problems: [{ code: 'SECTION_TOO_SMALL', values: { spanMm: 3 } }],
      clash: { fields: ['note'], theirs: { note: 'x' } },
    });
    expect(full.reply('r2').error).toMatchObject({
      fields: [{ path: 'note', message: 'no' }],
      problems: [{ code: 'SECTION_TOO_SMALL', values: { spanMm: 3 } }],
      clash: { fields: ['note'], theirs: { note: 'x' } },
    });
  });
});

describe('an order', () => {
  const step = (state: OrderFields['state'], by = 'Isla') => ({ state, at: '2026-11-20T09:00:00.000Z', by });
  const order = (...history: ReturnType<typeof step>[]): OrderFields => ({
    ...{ horseId: 'h', visitId: null, saddleId: null, contactId: 'bench', title: 'T', lines: [], dueOn: null, note: '' },
    ...{ state: history.at(-1)!.state, history },
  });
  const [draft, sent, inWork] = [step('draft'), step('sent'), step('inWork')];
  it.each([
    ['begins as a draft', null, order(draft), true],
    ['never further on', null, order(sent), false],
    ['goes on by one', order(draft), order(draft, sent), true],
    ['by two that follow', order(draft), order(draft, sent, inWork), true],
    ['leaves none out', order(draft), order(draft, inWork), false],
    ['goes back by one', order(draft, sent), order(draft, sent, draft), true],
    ['is not rewritten', order(draft, sent), order(draft), false],
    ['nor in another’s name', order(draft), order(draft, step('sent', 'Other')), false],
    ['what another did stands', order(step('draft', 'Other')), order(step('draft', 'Other'), sent), true],
    ['its state is its last step', order(draft), { ...order(draft), state: 'sent' as const }, false],
    ['its words change without a step', order(draft), { ...order(draft), note: 'soon' }, true],
  ] as const)('%s', (_, before, after, goes) => {
    const put = () => refuseStrangeStep(before, after, 'Isla');
    if (goes) expect(put).not.toThrow();
    else expect(refusal(put).code).toBe('ORDER_STEP_REFUSED');
  });

  it('is not sent to nobody, whatever else of it changes', () => {
    const nobody = (o: OrderFields): OrderFields => ({ ...o, contactId: null });
    expect(refusal(() => refuseStrangeStep(order(draft), nobody(order(draft, sent)), 'Isla')).code).toBe('ORDER_TO_NOBODY');
    expect(() => refuseStrangeStep(order(draft), nobody({ ...order(draft), note: 'soon' }), 'Isla')).not.toThrow();
    expect(() => refuseStrangeStep(order(draft, sent), nobody(order(draft, sent, inWork)), 'Isla')).not.toThrow();
  });

  describe('checked again on the horse', () => {
    const back = order(draft, sent, inWork, step('back'));
    const checked = (visitId?: string): OrderFields => ({
      ...order(...back.history, { ...step('recheckedOnHorse'), ...(visitId !== undefined && { visitId }) }),
    });
    const visit = { horseId: 'h', startedOn: '2026-11-20', status: 'open' as const };
    const said = async (after: OrderFields, found: object | null): Promise<string> => {
      try {
        await refuseUnseen(back, after, async (id) => (id === 'v' && found !== null ? { ...visit, ...found } : null));
        return 'goes';
      } catch (error) {
        return (error as FulcraError).code;
      }
    };
    it.each([
      ['at an open visit of the horse, on the day it was sent', checked('v'), {}, 'goes'],
      ['at no visit', checked(), {}, 'ORDER_NOT_AT_VISIT'],
      ['at a visit that isn’t there', checked('w'), {}, 'ORDER_NOT_AT_VISIT'],
      ['at another horse’s', checked('v'), { horseId: 'other' }, 'ORDER_NOT_AT_VISIT'],
      ['at a closed one', checked('v'), { status: 'done' }, 'ORDER_NOT_AT_VISIT'],
      ['at one before it was sent', checked('v'), { startedOn: '2026-11-19' }, 'ORDER_NOT_AT_VISIT'],
    ] as const)('%s', async (_, after, found, wanted) => expect(await said(after, found)).toBe(wanted));
    it('once said it is not asked again', async () => {
      const after = { ...checked(), note: 'fine' };
      await expect(refuseUnseen(checked(), after, async () => null)).resolves.toBeUndefined();
    });
  });
});
