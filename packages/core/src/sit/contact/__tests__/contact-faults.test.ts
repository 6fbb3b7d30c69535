import fc from 'fast-check';
import { type ContactProblem, askRest, restOf } from '..';
import { LAW, cellsOf, patch, weight } from './made-cells';

const GOOD: ContactProblem = { cells: cellsOf(patch(100, 100, [0.1, 0, 1])), law: LAW, loads: [weight(300)] };
const codes = (problem: ContactProblem) => {
  const outcome = askRest(problem);
  return outcome.ok ? [] : outcome.problems.map((p) => [p.code, ...Object.values(p.values)]);
};
const withCells = (change: object): ContactProblem => ({ ...GOOD, cells: { ...GOOD.cells, ...change } });
const spoiled = (list: keyof ContactProblem['cells'], at: number, value: number) =>
  withCells({ [list]: Float64Array.from(GOOD.cells[list]!, (v, i) => (i === at ? value : v)) });

const FLAT = Array.from({ length: 100 }, () => 0);
const NOWHERE = FLAT.map((v, i) => (i === 9 ? Number.NaN : v));
const TREE = { bendNmPerDeg: 40, openNmPerDeg: 30, bent: 0, opened: 0, bendZ: FLAT, openY: FLAT, openZ: FLAT, loadBendZ: [0] };
const withTree = (change: object): ContactProblem => ({ ...GOOD, tree: { ...TREE, ...change } });

describe('a contact problem from elsewhere', () => {
  it('that can be is answered', () => {
    const outcome = askRest(GOOD);
    expect(outcome.ok && outcome.value.balanced).toBe(true);
  });

  it.each([
    ['a list too short', withCells({ y: [1, 2] }), ['CONTACT_LISTS_DIFFER', 'y', 2, 100]],
    ['a number that is none', spoiled('squeezeMm', 7, Number.NaN), ['CONTACT_OUT_OF_RANGE', 'squeezeMm', 7, Number.NaN]],
    ['an area of nothing', spoiled('areaMm2', 3, 0), ['CONTACT_OUT_OF_RANGE', 'areaMm2', 3, 0]],
    ['a stiffness below nothing', spoiled('stiffnessKPaPerMm', 4, -1), ['CONTACT_OUT_OF_RANGE', 'stiffnessKPaPerMm', 4, -1]],
    ['friction below nothing', { ...GOOD, law: { ...LAW, friction: -0.1 } }, ['CONTACT_OUT_OF_RANGE', 'friction', 0, -0.1]],
    [
      'a cell’s friction below nothing',
      withCells({ friction: FLAT.map((v, i) => (i === 2 ? -0.1 : v)) }),
      ['CONTACT_OUT_OF_RANGE', 'friction', 2, -0.1],
    ],
    ['friction of too few cells', withCells({ friction: [0.3] }), ['CONTACT_LISTS_DIFFER', 'friction', 1, 100]],
    ['hardening at nothing', { ...GOOD, law: { ...LAW, hardeningMm: 0 } }, ['CONTACT_OUT_OF_RANGE', 'hardeningMm', 0, 0]],
    ['a load that is none', { ...GOOD, loads: [weight(Number.NaN)] }, ['CONTACT_OUT_OF_RANGE', 'load', 0, Number.NaN]],
    ['a squeeze beyond any saddle', spoiled('squeezeMm', 5, 1.001e7), ['CONTACT_OUT_OF_RANGE', 'squeezeMm', 5, 1.001e7]],
    ['a tree that gives under nothing', withTree({ bendNmPerDeg: 0 }), ['CONTACT_OUT_OF_RANGE', 'bendNmPerDeg', 0, 0]],
    ['a tree whose load is missing', withTree({ loadBendZ: [] }), ['CONTACT_LISTS_DIFFER', 'loadBendZ', 0, 1]],
    ['a tree’s list with what is no number', withTree({ openY: NOWHERE }), ['CONTACT_OUT_OF_RANGE', 'openY', 9, Number.NaN]],
    ['nothing that presses', { ...GOOD, loads: [weight(-5)] }, ['CONTACT_OUT_OF_RANGE', 'weight', 0, -5]],
  ] as const)('%s is refused by code, with the value', (_, problem, wanted) => expect(codes(problem)).toContainEqual([...wanted]));

  it.each([1e7, 9.9e6, 1e5])('one cell squeezed %d mm is let down to in the end', (squeezeMm) =>
    expect(askRest(spoiled('squeezeMm', 5, squeezeMm)).ok).toBe(true),
  );

  it('a cell beyond all sums ends the search, where nobody asked whether it can be', () =>
    expect(restOf(spoiled('squeezeMm', 5, 1e16)).balanced).toBe(false));

  it('a tree that gives is answered', () => expect(codes(withTree({}))).toEqual([]));

  it('a normal that isn’t a unit is refused', () =>
    expect(codes(spoiled('normalZ', 0, 0.5))[0]!.slice(0, 3)).toEqual(['CONTACT_OUT_OF_RANGE', 'normal', 0]));

  it('any numbers are refused or answered, never answered with what isn’t a number', () => {
    const any = fc.oneof(fc.double(), fc.constantFrom(Number.NaN, 0, -1, 1, 300, 1e7, 1e15, 1e16, 1e30, Infinity));
    fc.assert(
      fc.property(any, any, any, any, (squeeze, area, force, friction) => {
        const problem = { ...spoiled('squeezeMm', 5, squeeze), law: { ...LAW, friction }, loads: [weight(force)] };
        const cells = { ...problem.cells, areaMm2: Float64Array.from(GOOD.cells.areaMm2, (v, i) => (i === 2 ? area : v)) };
        const outcome = askRest({ ...problem, cells });
        if (!outcome.ok) expect(outcome.problems.length).toBeGreaterThan(0);
        else if (outcome.value.balanced) expect(Object.values(outcome.value.ways).every(Number.isFinite)).toBe(true);
      }),
      { numRuns: 500 },
    );
  });
});
