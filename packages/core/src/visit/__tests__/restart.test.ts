import { type RecordedBody, type RecordedFact } from '../recorded';
import { sinceRestart } from '../restart';

let count = 0;
const visit = (on: string, said: Readonly<Record<string, string | number>> = {}) => ({
  on,
  facts: Object.entries(said).map(([field, value]): RecordedFact => ({
    id: `f${count++}`,
    hand: 'A',
    withdrawn: false,
    body: { kind: 'intake', field, value } as RecordedBody,
  })),
});
const from = (...visits: ReturnType<typeof visit>[]) => {
  const { visits: counted, why } = sinceRestart(visits);
  return [counted[0]?.on ?? null, why];
};

describe('which visits a trend is drawn through', () => {
  it('all of them while nothing changed the way of changing', () => {
    expect(from(visit('a', { work: 'light', weightKg: 500 }), visit('b', { work: 'light', weightKg: 520 }), visit('c'))).toEqual([
      'a',
      null,
    ]);
    expect(from()).toEqual([null, null]);
    expect(from(visit('a', { timeOff: 'months' }), visit('b', { timeOff: 'months' }))).toEqual(['a', null]);
  });

  it.each([
    ['time off', { timeOff: 'weeks' }, 'timeOff'],
    ['other work', { work: 'hard' }, 'work'],
    ['5 % more weight', { weightKg: 525 }, 'weight'],
    ['5 % less weight', { weightKg: 475 }, 'weight'],
  ] as const)('from the visit on that says %s', (_, change, why) => {
    const before = { timeOff: 'none', work: 'light', weightKg: 500 };
    expect(from(visit('a', before), visit('b', { ...before, ...change }), visit('c', { ...before, ...change }))).toEqual(['b', why]);
  });

  it('less than 5 % is no change; the last restart counts', () => {
    expect(from(visit('a', { weightKg: 500 }), visit('b', { weightKg: 524.9 }))).toEqual(['a', null]);
    expect(from(visit('a', { work: 'light' }), visit('b', { work: 'hard' }), visit('c', { work: 'none' }))).toEqual(['c', 'work']);
  });

  it('is held against what was said last, over visits that said nothing', () => {
    expect(from(visit('a', { work: 'light' }), visit('b'), visit('c', { work: 'hard' }))).toEqual(['c', 'work']);
  });
});
