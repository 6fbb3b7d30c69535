import { MOST_IN_BATCH } from '@fulcra/contract';
import { booked } from '../booking';
import { MOST_FAILURES, type Outcome } from '../outcome';
import { type Waiting, carriedOver, inOrder, isOwn, nextToSend, replacedBy, shownAsTaken } from '../waiting';
import { ISLA, ROWAN, factWrite, horseWrite } from './fakes';

const entry = (order: number, write: Waiting['write'], more: Partial<Waiting> = {}): Waiting => ({
  id: `e${order}`,
  order,
  ...ISLA,
  write,
  ...more,
});
const REFUSED = { message: 'no', remedy: 'mend it' };
const photo = (photoId: string): Waiting['write'] =>
  ({ kind: 'photo', visitId: 'v', photoId, body: { bytes: 3, sha256: 'a', mediaType: 'image/png' } }) as never;

describe('whose an entry is', () => {
  it.each([
    ['their own', {}, true],
    ['another person’s', { personId: ROWAN.personId }, ROWAN.personId === ISLA.personId],
    ['another practice’s', { practiceId: 'elsewhere' }, false],
    ['one of a release that noted no person', { personId: undefined }, true],
  ] as const)('%s', (_, change, own) => expect(isOwn(entry(1, horseWrite('Marl'), change), ISLA)).toBe(own));
});

describe('what is shown as if the server had it', () => {
  it('this person’s, but not what was refused', () => {
    const [own, refused, other] = [
      entry(1, horseWrite('Marl')),
      entry(2, horseWrite('Tarn'), { refused: REFUSED }),
      entry(3, horseWrite('Bere'), { practiceId: 'elsewhere' }),
    ];
    expect(shownAsTaken([own, refused, other], ISLA)).toEqual([own.write]);
  });
});

describe('the order of entry', () => {
  it('is counted; of one count, by id, so that it is the same everywhere', () => {
    const [a, b, c] = [entry(2, horseWrite('a')), entry(1, horseWrite('b')), { ...entry(1, horseWrite('c')), id: 'a' }];
    expect(inOrder([a, b, c]).map((e) => e.id)).toEqual(['a', 'e1', 'e2']);
  });
});

describe('what may go now', () => {
  it('what can travel together goes together, up to the most there may be', () => {
    const many = Array.from({ length: MOST_IN_BATCH + 5 }, (_, i) => entry(i, factWrite(`f${i}`)));
    expect(nextToSend(many, ISLA)).toHaveLength(MOST_IN_BATCH);
    expect(nextToSend(many.slice(0, 3), ISLA).map((e) => e.order)).toEqual([0, 1, 2]);
  });

  it('a picture goes alone, after what came before it', () => {
    const list = [entry(1, factWrite('f1')), entry(2, photo('p1')), entry(3, factWrite('f2'))];
    expect(nextToSend(list, ISLA).map((e) => e.order)).toEqual([1]);
    expect(nextToSend(list.slice(1), ISLA).map((e) => e.order)).toEqual([2]);
  });

  it('what was refused stays; what hangs on it waits with it, unless only a clash is to be settled', () => {
    const fact = factWrite('f1');
    const same = entry(2, fact);
    expect(nextToSend([entry(1, fact, { refused: REFUSED }), same], ISLA)).toEqual([]);
    expect(nextToSend([entry(1, fact, { refused: REFUSED }), entry(2, factWrite('f2'))], ISLA).map((e) => e.order)).toEqual([2]);
  });

  it('nothing of another person', () => expect(nextToSend([entry(1, factWrite('f1'), { practiceId: 'elsewhere' })], ISLA)).toEqual([]));
});

describe('a later word on the same thing', () => {
  it('takes the earlier one’s place, unless it is a change of fields', () => {
    const fact = factWrite('f1');
    const list = [entry(1, fact), entry(2, factWrite('f2'))];
    expect(replacedBy(list, fact, ISLA.practiceId)?.order).toBe(1);
    expect(replacedBy(list, fact, 'elsewhere')).toBeUndefined();
    expect(replacedBy(list, factWrite('f3'), ISLA.practiceId)).toBeUndefined();
    const horse = horseWrite('Marl');
    expect(replacedBy([entry(1, horse)], horse, ISLA.practiceId)).toBeUndefined();
  });
});

describe('an entry of an earlier release', () => {
  it('a decision without an id gets its entry’s; everything else stays as it is', () => {
    const old = entry(1, { kind: 'decision', visitId: 'v', body: {} } as never);
    expect(carriedOver(old).write).toMatchObject({ kind: 'decision', decisionId: 'e1' });
    const now = entry(2, { kind: 'decision', visitId: 'v', decisionId: 'd', body: {} } as never);
    expect(carriedOver(now)).toBe(now);
    const fact = entry(3, factWrite('f1'));
    expect(carriedOver(fact)).toBe(fact);
  });
});

describe('booking what became of a batch', () => {
  const [a, b, c] = [entry(1, factWrite('a')), entry(2, factWrite('b')), entry(3, factWrite('c'))] as const;
  const TAKEN: Outcome = { kind: 'taken' };
  const fails: Outcome = { kind: 'later', trouble: 'serverFails' };
  const busy: Outcome = { kind: 'later', trouble: 'busy', afterMs: 9 };

  it('what was taken, what was refused, and the trouble that stops it', () => {
    expect(booked([a, b, c], [TAKEN, { kind: 'refused', refusal: REFUSED }, busy])).toEqual({
      taken: [a],
      changed: [{ ...b, refused: REFUSED }],
      stop: busy,
    });
  });
  it('all taken: it goes on', () => expect(booked([a, b], [TAKEN, TAKEN])).toEqual({ taken: [a, b], changed: [], stop: null }));
  it('fewer answers leave the rest as they were; none at all is not understood; more are not looked at', () => {
    expect(booked([a, b], [TAKEN])).toEqual({ taken: [a], changed: [], stop: null });
    expect(booked([a, b], [])).toEqual({ taken: [], changed: [], stop: { kind: 'later', trouble: 'notUnderstood' } });
    expect(booked([a], [TAKEN, { kind: 'refused', refusal: REFUSED }])).toEqual({ taken: [a], changed: [], stop: null });
  });
  it('a failure of the server is counted; the third puts it before a person; waiting isn’t counted', () => {
    expect(booked([a], [busy]).changed).toEqual([]);
    expect(booked([a], [fails]).changed).toEqual([{ ...a, failures: 1 }]);
    expect(booked([{ ...a, failures: 1 }], [fails]).changed).toEqual([{ ...a, failures: 2 }]);
    const third = booked([{ ...a, failures: MOST_FAILURES - 1 }], [fails]).changed[0]!;
    expect(third.failures).toBe(3);
    expect(third.refused?.message).toContain('3 times');
    expect(third.refused?.remedy).toMatch(/\.$/);
  });
});
