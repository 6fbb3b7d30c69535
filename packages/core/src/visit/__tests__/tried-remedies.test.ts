import { type SitRow } from '../../judge';
import { type NeighbourOf } from '../sit-questions';
import { HELPS_FROM, triedRemedies } from '../tried-remedies';

const row = (value: number | null, outside: number): SitRow => ({ id: 'roll', value, outside }) as SitRow;
const tried = (axis: NeighbourOf['axis'], value: number, outside: number, more: { code?: string; score?: number } = {}): NeighbourOf =>
  ({
    axis,
    direction: 1,
    assessed: { sits: true, stopMiss: 0, score: more.score ?? 50, resting: { rows: [row(value, outside)] } },
    compared: { code: more.code ?? 'better', by: 5 },
  }) as unknown as NeighbourOf;

describe('what was tried against a number that misses', () => {
  it('tells what a step brings, and whether that mends it, what helps most first, and of equals the best of the whole', () => {
    const found = triedRemedies(row(5.3, 1.6), [
      tried('shimFrontOff', 2.1, 0.05, { score: 60 }),
      tried('gusset', 1, 0, { score: 40 }),
      tried('width', 1.2, 0, { score: 70 }),
      tried('pad', 5.3, 1.6),
    ]);
    expect(found!.map((r) => [r.axis, r.from, r.to, r.mends])).toEqual([
      ['width', 5.3, 1.2, true],
      ['gusset', 5.3, 1, true],
      ['shimFrontOff', 5.3, 2.1, false],
    ]);
  });

  it.each([
    ['just enough', 1.6 * (1 - HELPS_FROM) - 1e-9, 1],
    ['just too little', 1.6 * (1 - HELPS_FROM) + 1e-3, 0],
    ['as far on the other side', -1.6, 0],
    ['nearer on the other side', -0.4, 1],
  ])('%s', (_, outside, count) => expect(triedRemedies(row(5.3, 1.6), [tried('pad', 5, outside)])).toHaveLength(count));

  it.each(['findsNoRest', 'wouldBeRefused', 'refusedByMore', 'worse'])('a step that makes the whole worse isn’t said: %s', (code) =>
    expect(triedRemedies(row(5.3, 1.6), [tried('pad', 1, 0, { code })])).toEqual([]),
  );

  it.each(['asGood', 'asFarOff', 'noLongerRefused', 'refusedByLess', 'comesToRest'])('one that doesn’t is: %s', (code) =>
    expect(triedRemedies(row(5.3, 1.6), [tried('pad', 1, 0, { code })])).toHaveLength(1),
  );

  it('of a number that no standing saddle answers there is nothing to say; where nothing can be turned nothing helps', () => {
    expect(triedRemedies({ ...row(1.9, 1), id: 'peakRatioRidden' }, [tried('pad', 1, 0)])).toBeNull();
    expect(triedRemedies(row(null, 0), [tried('pad', 1, 0)])).toBeNull();
    expect(triedRemedies(row(5.3, 1.6), [])).toEqual([]);
  });
});
