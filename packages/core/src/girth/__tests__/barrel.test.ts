import fc from 'fast-check';
import { type Barrel, type BarrelMeasures, barrelFrom, halfBreadthAt, offsetPathMm, perimeterMm } from '..';

const barrel = (change: Partial<BarrelMeasures>): Barrel => {
  const outcome = barrelFrom({ circumferenceMm: 1900, breadthMm: 560, widestBelowMm: 330, depthMm: 650, ...change });
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  return outcome.value;
};
const refusedOf = (change: Partial<BarrelMeasures>): boolean =>
  !barrelFrom({ circumferenceMm: 1900, breadthMm: 560, widestBelowMm: 330, depthMm: 650, ...change }).ok;

describe('once round', () => {
  it('a circle is two pi r, a rhombus its four sides, a box all but its four', () => {
    expect(perimeterMm(300, 300, 2)).toBeCloseTo(2 * Math.PI * 300, 2);
    expect(perimeterMm(300, 400, 1)).toBeCloseTo(4 * 500, 6);
    expect(perimeterMm(300, 400, 40)).toBeGreaterThan(0.985 * 4 * 700);
    expect(perimeterMm(300, 400, 40)).toBeLessThan(4 * 700);
  });
  it('an ellipse of 2 to 1 (source: the complete elliptic integral, 9.688448 for half axes 2 and 1)', () =>
    expect(perimeterMm(200, 100, 2)).toBeCloseTo(968.8448, 2));
  it('grows with the exponent', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 8, noNaN: true }), (n) =>
        expect(perimeterMm(280, 325, n + 0.2)).toBeGreaterThan(perimeterMm(280, 325, n)),
      ),
    );
  });
});

describe('a barrel from tape and stick', () => {
  /** Once round two halves that meet at the widest. */
  const round = (above: number, below: number, n: number): number => (perimeterMm(280, above, n) + perimeterMm(280, below, n)) / 2;

  it('the depth gives the exponent: what it was made with comes back, deeper above the widest or below', () => {
    const mm = fc.double({ min: 200, max: 400, noNaN: true });
    fc.assert(
      fc.property(fc.double({ min: 1.3, max: 5, noNaN: true }), mm, mm, (n, above, below) => {
        const made = barrel({ circumferenceMm: round(above, below, n), widestBelowMm: above, depthMm: above + below });
        expect(made.exponent).toBeCloseTo(n, 4);
        expect(made).toMatchObject({ assumed: false, halfBreadthMm: 280, widestBelowMm: above });
        expect(made.halfDepthMm).toBeCloseTo(below, 9);
      }),
    );
  });

  it('without a depth both halves are taken as ellipses, and it says so: nothing is broad at the spine', () => {
    const made = barrel({ circumferenceMm: round(290, 350, 2), widestBelowMm: 290, depthMm: null });
    expect(made).toMatchObject({ assumed: true, exponent: 2 });
    expect(made.halfDepthMm).toBeCloseTo(350, 3);
    expect(halfBreadthAt(made, 0)).toBe(0);
    expect(halfBreadthAt(made, 290 + 175)).toBeCloseTo(280 * Math.sqrt(0.75), 3);
  });

  it('numbers no convex barrel has are refused', () => {
    const least = round(330, 320, 1);
    expect(refusedOf({ circumferenceMm: least + 0.1 })).toBe(false);
    expect(refusedOf({ circumferenceMm: least - 0.1 })).toBe(true);
    expect(refusedOf({ circumferenceMm: 4 * (280 + 325) + 1 })).toBe(true);
    const flat = perimeterMm(280, 330, 2) / 2 + 560;
    expect(refusedOf({ circumferenceMm: flat - 0.1, depthMm: null })).toBe(true);
    expect(refusedOf({ circumferenceMm: flat + 1, depthMm: null })).toBe(false);
    expect(refusedOf({ depthMm: 330 })).toBe(true);
    for (const bad of [0, -1, Number.NaN, Number.POSITIVE_INFINITY]) expect(refusedOf({ breadthMm: bad })).toBe(true);
  });
});

describe('how broad it is', () => {
  const made = barrel({});
  it('at its widest, the breadth; above and below it less; off the barrel nothing', () => {
    expect(halfBreadthAt(made, 330)).toBe(280);
    expect(halfBreadthAt(made, 330 + 160)).toBeCloseTo(halfBreadthAt(made, 330 - 165), 9);
    expect(halfBreadthAt(made, 200)).toBeLessThan(280);
    expect([halfBreadthAt(made, 330 + 320), halfBreadthAt(made, -1)]).toEqual([0, 0]);
  });
});

describe('the girth’s path', () => {
  it('8 mm off the skin is 25 mm more once round half a barrel: half a size', () =>
    expect(offsetPathMm(900, Math.PI) - 900).toBeCloseTo(25.13, 2));
});
