import { SCHOOLS, schoolById } from '@fulcra/core';
import { CHANGES, EXACT_BACKS, exactBench } from '..';

/** A few of the bench, which is a command of its own (`npm run exact-fits`); every number of docs/exact-fits.md comes from the same code. */
const BACKS = EXACT_BACKS.filter(([name]) => name === 'Marl, even' || name === 'Old Hob');
const NAMED = ['one width wider', 'one width narrower', 'laid 20 mm forward', 'near panel 8 mm heavier', 'groove 65 mm forward'];
const [bench] = exactBench(
  [schoolById('static-close')],
  BACKS,
  CHANGES.filter((c) => NAMED.includes(c.name)),
);

describe('a saddle made to fit', () => {
  it.each(bench!.exact.map((e) => [e.back, e] as const))('on %s: nothing is told against it', (_, { misses, score }) => {
    expect(misses).toEqual([]);
    expect(score).toBeGreaterThan(98);
  });

  it.each(SCHOOLS.map((s) => [s.name, s] as const))(
    'for %s: only weight on area is left, and what no saddle mends in a round back',
    (_, school) => {
      const few = EXACT_BACKS.filter(([name]) => ['Bramble', 'Old Hob', 'Corrie'].includes(name));
      for (const { misses } of exactBench([school], few, [])[0]!.exact)
        expect(misses.filter((id) => id !== 'loadOnArea' && id !== 'rollShape')).toEqual([]);
    },
  );

  it.each(bench!.rows.map((r) => [r.change.name, r] as const))('%s: moved the right way, named, and nothing else found', (_, { found }) => {
    for (const f of found) {
      expect(f).toMatchObject({ moved: true });
      expect(f.named || f.chained).toBe(true);
      expect(f.invented.filter((id) => id !== 'rollShape')).toEqual([]);
    }
  });
});
