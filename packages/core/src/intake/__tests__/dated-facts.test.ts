import { type DatedFact, fieldHistories } from '..';

const weight = (on: string, value: number, now = false): DatedFact => ({ field: 'weightKg', value, on, now });

describe('facts that change', () => {
  it('the latest is true, and the one before it is remembered', () => {
    const [work] = fieldHistories([
      { field: 'work', value: 'light', on: '2026-01-10', now: false },
      { field: 'work', value: 'light', on: '2026-03-01', now: false },
      { field: 'work', value: 'hard', on: '2026-06-01', now: true },
    ]);
    expect(work).toMatchObject({ latest: { value: 'hard', now: true }, before: { value: 'light', on: '2026-03-01' }, perMonth: null });
  });

  it('a weight has a slope that one wrong weighing does not turn', () => {
    const steady = ['2026-01-01', '2026-02-01', '2026-03-01', '2026-04-01', '2026-05-01'].map((on, i) => weight(on, 480 + 5 * i));
    const wrong = [...steady, weight('2026-05-15', 300)];
    expect(fieldHistories(steady)[0]!.perMonth!).toBeCloseTo(5, 0);
    expect(fieldHistories(wrong)[0]!.perMonth!).toBeGreaterThan(0);
  });

  it('one weighing has no slope', () => expect(fieldHistories([weight('2026-01-01', 480)])[0]!.perMonth).toBeNull());
});
