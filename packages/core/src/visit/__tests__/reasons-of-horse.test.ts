import { type VisitReason } from '../../care';
import { type RecordedBody, type RecordedFact } from '../recorded';
import { type ReasonQuestion, type ReasonVisit, visitReasons } from '../reasons-of-horse';

let count = 0;
const fact = (body: RecordedBody): RecordedFact => ({ id: `f${count++}`, hand: 'A', withdrawn: false, body });
const said = (field: string, value: string | number): RecordedFact => fact({ kind: 'intake', field: field as 'work', value });
const visit = (facts: readonly RecordedFact[] = [], decidedSaddleId: string | null = null): ReasonVisit => ({
  on: '2026-01-10',
  facts,
  decidedSaddleId,
});
const NONE = { near: { front: 0, middle: 0, rear: 0 }, off: { front: 0, middle: 0, rear: 0 } };
const chosen = (change: object): RecordedFact[] => {
  const tried = fact({
    kind: 'triedSetting',
    saddleId: 's',
    saddleName: 'S',
    setup: { shims: NONE, flock: NONE, ...change },
    missed: [],
  } as unknown as RecordedBody);
  return [tried, fact({ kind: 'chosenSetting', triedId: tried.id, note: '' })];
};
const reasons = (visits: readonly ReasonVisit[], more: Partial<ReasonQuestion> = {}): VisitReason[] => [
  ...visitReasons({ visits, bornYear: null, today: '2026-06-01', tackHeld: false, fell: false, ...more }),
];

describe('what brings a horse back sooner', () => {
  it('nothing, of a horse that nothing is known of, or that was never visited', () => {
    expect(reasons([visit()])).toEqual([]);
    expect(reasons([], { bornYear: 2024, tackHeld: true })).toEqual([]);
  });

  it.each([
    [2022, ['growing']],
    [2021, ['young']],
    [2020, ['young']],
    [2019, []],
  ] as const)('born %d', (bornYear, expected) => {
    expect(reasons([visit()], { bornYear })).toEqual(expected);
  });

  it('shims and new filling of the chosen setting, each for itself', () => {
    const some = { ...NONE, off: { front: 0, middle: 0, rear: 2 } };
    expect(reasons([visit(chosen({ shims: some }), 's'), visit(chosen({ shims: some }), 's')])).toEqual(['shimsInUse']);
    expect(reasons([visit([], 's'), visit(chosen({ flock: some }))])).toEqual(['newFlocking']);
    expect(reasons([visit([], 's'), visit(chosen({}))])).toEqual([]);
  });

  it('a saddle that no visit before ended with', () => {
    expect(reasons([visit([], 'a')])).toEqual(['newSaddle']);
    expect(reasons([visit([], 'a'), visit([], 'a')])).toEqual([]);
    expect(reasons([visit([], 'a'), visit([], 'b')])).toEqual(['newSaddle']);
    expect(reasons([visit([], 'a'), visit()])).toEqual([]);
  });

  it.each([
    [500, 475, true],
    [500, 476, false],
    [500, 524, false],
    [500, 525, true],
  ])('weight from %d to %d kg', (before, now, counts) => {
    expect(reasons([visit([said('weightKg', before)]), visit([said('weightKg', now)])])).toEqual(counts ? ['changedWeight'] : []);
  });

  it('work that changed or is going to, and time off', () => {
    expect(reasons([visit([said('work', 'light')]), visit([said('work', 'hard')])])).toEqual(['changedWork']);
    expect(reasons([visit([said('work', 'light')]), visit([said('work', 'light')])])).toEqual([]);
    expect(reasons([visit([said('workPlanned', 'more')])])).toEqual(['changedWork']);
    expect(reasons([visit([said('workPlanned', 'same')])])).toEqual([]);
    expect(reasons([visit([said('timeOff', 'months')])])).toEqual(['returning']);
    expect(reasons([visit([said('timeOff', 'months')]), visit([said('timeOff', 'none')])])).toEqual([]);
  });

  it('pain found at the last visit and not cleared; tack that is held; a fall', () => {
    const sore = fact({
      kind: 'feel',
      spots: [{ place: 'loin', side: 'near' }],
      pass: 'light',
      reaction: 'guard',
      signs: [],
    });
    expect(reasons([visit([sore])])).toEqual(['pain']);
    expect(reasons([visit([sore]), visit()])).toEqual([]);
    expect(reasons([visit()], { tackHeld: true })).toEqual(['unsafeTack']);
    expect(reasons([visit()], { fell: true })).toEqual(['fall']);
  });
});
