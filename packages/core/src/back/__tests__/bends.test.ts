import fc from 'fast-check';
import { point } from '../../geometry';
import { bendsOfLine } from '../../device';
import { mirroredPoint } from '../../geometry';
import { type BendsReading, pointsFromBends, turnedRound } from '../bends';

const points = (reading: BendsReading) => {
  const outcome = pointsFromBends(reading);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  return outcome.value;
};

describe('a bend list', () => {
  it('of equal bends lies on a circle whose radius is half the pitch over the sine of half the bend', () => {
    const reading = { pitchMm: 20, bendsDeg: Array.from({ length: 17 }, () => -8), centreJoint: 8, tiltDeg: 0 };
    const radius = 10 / Math.sin((4 * Math.PI) / 180);
    for (const p of points(reading)) expect(Math.hypot(p.yMm, p.zMm + radius)).toBeCloseTo(radius, 6);
  });

  it('turned round is the mirror image', () => {
    const bends = fc.array(fc.double({ min: -15, max: 5, noNaN: true }), { minLength: 5, maxLength: 40 });
    fc.assert(
      fc.property(bends, fc.double({ min: -5, max: 5, noNaN: true }), fc.nat(), (bendsDeg, tiltDeg, n) => {
        const reading = { pitchMm: 20, bendsDeg, tiltDeg, centreJoint: 1 + (n % (bendsDeg.length - 2)) };
        const mirrored = points(reading).map(mirroredPoint).reverse();
        points(turnedRound(reading)).forEach((p, i) => {
          expect(p.yMm).toBeCloseTo(mirrored[i]!.yMm, 6);
          expect(p.zMm).toBeCloseTo(mirrored[i]!.zMm, 6);
        });
      }),
    );
  });

  it('goes round: a line, its bends, and the line again', () => {
    const line = Array.from({ length: 401 }, (_, i) => point(i - 200, -(((i - 200) / 16) ** 2)));
    const reading = bendsOfLine(line, point(0, 0), 20)!;
    for (const p of points(reading)) expect(Math.abs(p.zMm + (p.yMm / 16) ** 2)).toBeLessThan(0.6);
  });

  it.each([
    [{ pitchMm: 0 }, 'BENDS_PITCH'],
    [{ bendsDeg: [1, 2] }, 'BENDS_COUNT'],
    [{ centreJoint: 40 }, 'BENDS_CENTRE'],
    [{ bendsDeg: [0, 0, 90, 0, 0] }, 'BEND_TOO_SHARP'],
    [{ bendsDeg: [0, 0, Number.NaN, 0, 0] }, 'BEND_TOO_SHARP'],
    [{ tiltDeg: Number.NaN }, 'BENDS_TILT'],
  ])('refuses %j', (wrong, code) => {
    const outcome = pointsFromBends({ pitchMm: 20, bendsDeg: [0, -5, -5, -5, 0], centreJoint: 2, tiltDeg: 0, ...wrong });
    expect(outcome).toMatchObject({ ok: false, problems: [{ code }] });
  });
});
