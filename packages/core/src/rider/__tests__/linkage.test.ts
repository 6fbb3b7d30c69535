import fc from 'fast-check';
import { type Hangs, type Leg, type LegPlace, legAtHang, legAtKnee } from '..';

const LEG: Leg = { thighMm: 420, shankMm: 420, ankleHeightMm: 66, ankleToBallMm: 124, bootSoleMm: 12, heelDownDeg: 0, hipHalfMm: 85 };
const HANGS: Hangs = { hip: { xMm: 150, zMm: 95 }, bar: { xMm: 0, zMm: 0, outMm: 130 }, kneeOutMm: 290, treadOutMm: 290 };
/** Nothing reaches sideways: the side view is all there is. */
const FLAT: Hangs = { ...HANGS, kneeOutMm: 85, treadOutMm: 85, bar: { ...HANGS.bar, outMm: 85 } };
function at(kneeDeg: number, hangs: Hangs = HANGS, leg: Leg = LEG): LegPlace {
  const outcome = legAtKnee(leg, hangs, kneeDeg);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  return outcome.value;
}
const refusedWith = (outcome: ReturnType<typeof legAtKnee>) => (outcome.ok ? null : outcome.problems.map((p) => p.code));
const DX = LEG.ankleToBallMm - 150;

describe('closed forms', () => {
  it('a straight leg: thigh and shank in one line', () => {
    const straight = at(180, FLAT);
    const drop = Math.sqrt(840 ** 2 - DX ** 2) - 95 + 78;
    expect(straight.dropMm).toBeCloseTo(drop, 9);
    expect(straight.hangMm).toBeCloseTo(drop, 9);
    expect(straight.trueKneeDeg).toBeCloseTo(180, 3);
  });

  it('a right angle: hip to ankle by Pythagoras', () => {
    expect(at(90, FLAT).dropMm).toBeCloseTo(Math.sqrt(2 * 420 ** 2 - DX ** 2) - 95 + 78, 9);
  });

  it('the knee lies where both lengths meet, ahead of the line from hip to ankle', () => {
    const { hip, knee, ankle } = at(120, FLAT);
    expect(Math.hypot(knee.xMm - hip.xMm, knee.zMm - hip.zMm)).toBeCloseTo(420, 9);
    expect(Math.hypot(knee.xMm - ankle.xMm, knee.zMm - ankle.zMm)).toBeCloseTo(420, 9);
    expect(knee.xMm).toBeLessThan(Math.min(hip.xMm, ankle.xMm));
  });

  it('the ball stands on the tread, plumb under the bar; the ankle is a foot’s ball behind it', () => {
    const { tread, ankle } = at(120);
    expect(tread.xMm).toBe(0);
    expect([ankle.xMm, ankle.zMm - tread.zMm]).toEqual([124, expect.closeTo(78, 9)]);
  });

  it('a heel that is down brings the ankle further back and lower over the tread', () => {
    const down = { ...LEG, heelDownDeg: 10 };
    const { tread, ankle } = at(120, HANGS, down);
    const [sin, cos] = [Math.sin(Math.PI / 18), Math.cos(Math.PI / 18)];
    expect(ankle.xMm).toBeCloseTo(124 * cos + 78 * sin, 9);
    expect(ankle.zMm - tread.zMm).toBeCloseTo(78 * cos - 124 * sin, 9);
  });

  it('the hang goes over the flap: longer than the drop by what lies between', () => {
    const { hangMm, dropMm } = at(122);
    expect(hangMm).toBeCloseTo(Math.hypot(dropMm, 160), 9);
    expect(hangMm - dropMm).toBeGreaterThan(5);
    expect(hangMm - dropMm).toBeLessThan(40);
  });
});

describe('a wide horse', () => {
  it('shortens the leg in the side view: the same angle asks for a shorter leather', () => {
    expect(at(122, { ...HANGS, kneeOutMm: 330, treadOutMm: 330 }).dropMm).toBeLessThan(at(122).dropMm);
  });
  it('opens the joint more than the side view shows only as far as the leg reaches sideways', () => {
    const wide = at(122, { ...HANGS, kneeOutMm: 330, treadOutMm: 300 });
    expect(Math.abs(wide.trueKneeDeg - wide.kneeDeg)).toBeLessThan(15);
    expect(at(122, FLAT).trueKneeDeg).toBeCloseTo(122, 6);
  });
  it.each([
    [330, 280],
    [250, 290],
  ])(
    'knee %d out, tread %d: seen from behind one line goes through knee, ankle and tread, and no part is shorter than it is',
    (kneeOutMm, treadOutMm) => {
      const { hip, knee, ankle, tread, trueKneeDeg } = at(125, { ...HANGS, kneeOutMm, treadOutMm });
      const share = (ankle.zMm - tread.zMm) / (knee.zMm - tread.zMm);
      expect(ankle.outMm).toBeCloseTo(treadOutMm + share * (kneeOutMm - treadOutMm), 8);
      const long = (a: typeof hip, b: typeof hip) => Math.hypot(a.xMm - b.xMm, a.zMm - b.zMm, a.outMm - b.outMm);
      expect(long(hip, knee)).toBeCloseTo(LEG.thighMm, 6);
      expect(long(knee, ankle)).toBeCloseTo(LEG.shankMm, 6);
      const cosine = (LEG.thighMm ** 2 + LEG.shankMm ** 2 - long(hip, ankle) ** 2) / (2 * LEG.thighMm * LEG.shankMm);
      expect(trueKneeDeg).toBeCloseTo((Math.acos(cosine) * 180) / Math.PI, 6);
    },
  );
});

describe('properties', () => {
  const anyLeg = fc.record({
    thighMm: fc.double({ min: 330, max: 520, noNaN: true }),
    shankMm: fc.double({ min: 330, max: 520, noNaN: true }),
    ankleHeightMm: fc.double({ min: 50, max: 90, noNaN: true }),
    ankleToBallMm: fc.double({ min: 90, max: 150, noNaN: true }),
    bootSoleMm: fc.double({ min: 5, max: 25, noNaN: true }),
    heelDownDeg: fc.double({ min: 0, max: 15, noNaN: true }),
    hipHalfMm: fc.double({ min: 60, max: 110, noNaN: true }),
  });
  it('the hang rises with the angle of the knee', () => {
    fc.assert(
      fc.property(anyLeg, fc.double({ min: 75, max: 170, noNaN: true }), (leg, deg) => {
        expect(at(deg + 3, HANGS, leg).hangMm).toBeGreaterThan(at(deg, HANGS, leg).hangMm);
      }),
    );
  });
  it('the angle on a leather is the angle the leather was cut for', () => {
    fc.assert(
      fc.property(anyLeg, fc.double({ min: 75, max: 170, noNaN: true }), (leg, deg) => {
        const back = legAtHang(leg, HANGS, at(deg, HANGS, leg).hangMm);
        expect(back.ok && back.value.kneeDeg).toBeCloseTo(deg, 5);
      }),
    );
  });
});

describe('what can’t be', () => {
  it.each([
    [0, 'KNEE_ANGLE_OUT_OF_RANGE'],
    [-5, 'KNEE_ANGLE_OUT_OF_RANGE'],
    [180.1, 'KNEE_ANGLE_OUT_OF_RANGE'],
    [Number.NaN, 'KNEE_ANGLE_OUT_OF_RANGE'],
  ])('a knee of %d degrees: %s', (deg, code) => expect(refusedWith(legAtKnee(LEG, HANGS, deg))).toEqual([code]));
  it.each(['thighMm', 'shankMm', 'ankleHeightMm', 'ankleToBallMm'] as const)(
    'a %s of nothing is named, whatever would follow from it',
    (length) => {
      expect(refusedWith(legAtKnee({ ...LEG, [length]: 0 }, HANGS, 120))).toEqual(['RIDER_MEASURE_OUT_OF_RANGE']);
      expect(refusedWith(legAtHang({ ...LEG, [length]: Number.NaN }, HANGS, 700))).toEqual(['RIDER_MEASURE_OUT_OF_RANGE']);
    },
  );
  it('a barrel wider than the thigh is long', () =>
    expect(refusedWith(legAtKnee(LEG, { ...HANGS, kneeOutMm: 600 }, 120))).toEqual(['LEG_TOO_SHORT_SIDEWAYS']));
  it('a bar out of the leg’s reach', () =>
    expect(refusedWith(legAtKnee(LEG, { ...HANGS, bar: { ...HANGS.bar, xMm: 900 } }, 120))).toEqual(['LEG_CANNOT_REACH_BAR']));
  it('a leather longer than the leg, and one shorter than the way over the flap', () => {
    expect(refusedWith(legAtHang(LEG, HANGS, 1200))).toEqual(['LEG_TOO_SHORT_FOR_HANG']);
    expect(refusedWith(legAtHang(LEG, HANGS, 160))).toEqual(['HANG_TOO_SHORT']);
  });
});
