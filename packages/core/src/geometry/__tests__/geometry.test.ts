import fc from 'fast-check';
import { alignRigidly, applyMove, fitCircle, monotoneCurve, point, resampled, risingRoot } from '..';

const bow = Array.from({ length: 41 }, (_, i) => point(-200 + 10 * i, -((-200 + 10 * i) ** 2) / 300));

describe('geometry', () => {
  it('finds the circle that points lie on', () => {
    const points = [0.1, 0.9, 2, 3].map((t) => point(7 + 30 * Math.cos(t), -4 + 30 * Math.sin(t)));
    const circle = fitCircle(points)!;
    expect(circle.radiusMm).toBeCloseTo(30, 9);
    expect(circle.centre.yMm).toBeCloseTo(7, 9);
  });

  it('has no circle for points on a line', () => {
    expect(fitCircle([point(0, 0), point(1, 1), point(2, 2)])).toBeNull();
  });

  it('an alignment undoes a small turn and shift', () => {
    fc.assert(
      fc.property(fc.double({ min: -2.5, max: 2.5, noNaN: true }), fc.double({ min: -4, max: 4, noNaN: true }), (deg, shift) => {
        const moved = bow.map((p) => applyMove(p, { turnRad: (deg * Math.PI) / 180, shiftYMm: shift, shiftZMm: -shift / 2 }));
        const laid = alignRigidly(moved, bow, 3);
        expect(laid.rmsMm).toBeLessThan(0.3);
        expect(Math.abs(laid.turnDeg + deg)).toBeLessThan(0.4);
      }),
      { numRuns: 40 },
    );
  });

  it('never turns further than it may', () => {
    const turned = bow.map((p) => applyMove(p, { turnRad: 0.2, shiftYMm: 0, shiftZMm: 0 }));
    expect(Math.abs(alignRigidly(turned, bow, 3).turnDeg)).toBeLessThanOrEqual(3 + 1e-9);
  });

  it('a monotone curve stays between its data', () => {
    const f = monotoneCurve([0, 1, 2, 3, 8], [0, 0, 5, 5, 6]);
    for (let x = 0; x <= 8; x += 0.05) expect(f(x)).toBeGreaterThanOrEqual(-1e-12);
    expect(Math.max(...Array.from({ length: 21 }, (_, i) => f(2 + i / 20)))).toBeLessThanOrEqual(5 + 1e-12);
  });

  it('resampling keeps the ends', () => {
    const even = resampled(bow, 17);
    expect([even[0], even.at(-1)]).toEqual([bow[0], bow.at(-1)]);
  });

  it('finds a root and admits when there is none', () => {
    expect(risingRoot((x) => x ** 3 - 8, 0, 10, 1e-10)).toBeCloseTo(2, 8);
    expect(risingRoot((x) => x + 1, 0, 10, 1e-10)).toBeNull();
  });
});
