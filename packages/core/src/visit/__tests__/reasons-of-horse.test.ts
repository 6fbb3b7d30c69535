import { type VisitReason } from '../../care';
import { type RecordedBody, type RecordedFact } from '../recorded';
import { saddleInUse } from '../tack-in-use';
import { type ReasonQuestion, type ReasonVisit, visitReasons } from '../reasons-of-horse';

let count = 0;
const fact = (body: RecordedBody): RecordedFact => ({ id: `f${count++}`, hand: 'A', withdrawn: false, body });
const said = (field: string, value: string | number): RecordedFact => fact({ kind: 'intake', field: field as 'work', value });
let visitCount = 0;
const visit = (facts: readonly RecordedFact[] = [], saddleId: string | null = null): ReasonVisit => ({
  id: `v${++visitCount}`,
  on: '2026-01-10',
  facts,
  decision: saddleId === null ? null : { id: `d${visitCount}`, saddleId },
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
  ...visitReasons({ visits, bornYear: null, today: '2026-06-01', saddle: saddleInUse(visits), tackHeld: false, fell: false, ...more }),
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

  it('shims stay in use over a visit that decides nothing; filling is new only at the visit that changed it', () => {
    const some = { ...NONE, off: { front: 0, middle: 0, rear: 2 } };
    const more = { ...NONE, off: { front: 0, middle: 0, rear: 3 } };
    expect(reasons([visit(chosen({ shims: some })), visit()])).toEqual(['shimsInUse']);
    expect(reasons([visit(chosen({ shims: some })), visit([], 'other')])).toEqual(['newSaddle']);
    expect(reasons([visit(chosen({ flock: some })), visit(chosen({ flock: some }))])).toEqual([]);
    expect(reasons([visit(chosen({ flock: some })), visit(chosen({ flock: more }))])).toEqual(['newFlocking']);
    expect(reasons([visit(chosen({ flock: some })), visit()])).toEqual([]);
  });

  it('another saddle than the one it had gone in; what it went in before the first decision nobody knows', () => {
    expect(reasons([visit([], 'a')])).toEqual([]);
    expect(reasons([visit([], 'a'), visit([], 'a')])).toEqual([]);
    expect(reasons([visit([], 'a'), visit([], 'b')])).toEqual(['newSaddle']);
    expect(reasons([visit([], 'a'), visit(), visit([], 'b')])).toEqual(['newSaddle']);
    expect(reasons([visit([], 'a'), visit([], 'b'), visit()])).toEqual([]);
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

  it('pain found when a hand was laid on last, and not cleared; tack that is held; a fall', () => {
    const sore = fact({
      kind: 'feel',
      spots: [{ place: 'loin', side: 'near' }],
      pass: 'light',
      reaction: 'guard',
      signs: [],
    });
    expect(reasons([visit([sore])])).toEqual(['pain']);
    expect(reasons([visit([sore]), visit()])).toEqual(['pain']);
    const gentle = fact({ ...(sore.body as Extract<RecordedBody, { kind: 'feel' }>), reaction: 'none' });
    expect(reasons([visit([sore]), visit([gentle])])).toEqual([]);
    const clearance = fact({ kind: 'holdCleared', by: 'Dr', reason: 'passed', clears: [sore.id] });
    expect(reasons([visit([sore]), visit([clearance])])).toEqual([]);
    expect(reasons([visit()], { tackHeld: true })).toEqual(['unsafeTack']);
    expect(reasons([visit()], { fell: true })).toEqual(['fall']);
  });
});
