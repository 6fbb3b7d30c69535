import { type Hangs, type Leg, ankleRuleHangMm, armRuleHang, HIP_SPREAD, hipSpread, legAtKnee, neededFlap, seatSize } from '..';
import { type Barrel } from '../../girth';

const LEG: Leg = { thighMm: 420, shankMm: 420, ankleHeightMm: 66, ankleToBallMm: 124, bootSoleMm: 12, heelDownDeg: 0, hipHalfMm: 85 };
const HANGS: Hangs = { hip: { xMm: 150, zMm: 95 }, bar: { xMm: 0, zMm: 0, outMm: 85 }, kneeOutMm: 85, treadOutMm: 85 };

describe('the other rules, beside the angle', () => {
  it('the ankle rule: thigh at 30 degrees, shank plumb, tread at the ankle bone', () => {
    const wanted = -(95 - 420 * Math.cos(Math.PI / 6) - 420);
    expect(ankleRuleHangMm(LEG, HANGS, 'english')).toBeCloseTo(wanted, 9);
    expect(ankleRuleHangMm(LEG, HANGS, 'western')).toBeCloseTo(wanted + 15, 9);
  });
  it('a wide horse shortens what hangs down', () =>
    expect(ankleRuleHangMm(LEG, { ...HANGS, kneeOutMm: 290 }, 'english')).toBeLessThan(ankleRuleHangMm(LEG, HANGS, 'english') + 100));
  it('the arm rule says how far it is off', () => {
    const { hangMm, sdMm } = armRuleHang({ mm: 646, from: 'stature', sdMm: 20 });
    expect(hangMm).toBe(646);
    expect(sdMm).toBeCloseTo(Math.hypot(40, 20), 9);
  });
});

describe('flap and seat', () => {
  it('a flap reaches from the bar past the knee by three tenths of the shank, and ahead of the knee by its front and the roll', () => {
    const place = legAtKnee(LEG, HANGS, 120);
    if (!place.ok) throw new Error('no leg');
    const { knee } = place.value;
    expect(neededFlap(place.value, 0, 420)).toEqual({
      lengthMm: expect.closeTo(-knee.zMm + 126, 9),
      reachMm: expect.closeTo(-knee.xMm + 85, 9),
    });
  });

  it.each([
    [495, 380, 431.8, false],
    [523, 380, 444.5, false],
    [495, 440, 444.5, false],
    [700, 500, 482.6, true],
    [377, 248, 355.6, false],
    [332, 240, 330.2, false],
    [300, 250, 330.2, true],
  ])('buttock to hollow of the knee %d, hips %d: %d mm', (thigh, hips, size, beyond) => {
    const made = seatSize(thigh, hips);
    expect(made.sizeMm).toBeCloseTo(size, 6);
    expect(made.beyond).toBe(beyond);
    expect(made.neighboursMm[1] - made.neighboursMm[0]).toBeCloseTo(25.4, 9);
  });
});

describe('hips on a wide horse', () => {
  const round = (halfBreadthMm: number): Barrel => ({ halfBreadthMm, halfDepthMm: 325, exponent: 2, widestBelowMm: 325, assumed: false });
  it('spread further the broader the barrel', () => {
    const degs = [230, 270, 310].map((half) => hipSpread(round(half), 85, 60).deg);
    expect(degs[0]!).toBeLessThan(degs[1]!);
    expect(degs[1]!).toBeLessThan(degs[2]!);
  });

  it('round a circle it is the tangent to the circle with its covering: the closed form', () => {
    const toMiddle = Math.hypot(85, 60 + 325);
    const wanted = Math.atan2(-85, 60 + 325) + Math.asin((325 + HIP_SPREAD.coveringMm) / toMiddle);
    expect(hipSpread(round(325), 85, 60).deg).toBeCloseTo((wanted * 180) / Math.PI, 2);
  });

  it('the line just touches: the covering fits between it and the barrel everywhere, and nowhere is there more than needed', () => {
    const { deg, touchesBelowMm } = hipSpread(round(270), 85, 60);
    const [sine, cosine] = [Math.sin((deg * Math.PI) / 180), Math.cos((deg * Math.PI) / 180)];
    const room = Array.from({ length: 66 }, (_, i) => {
      const below = 10 * i;
      const half = 270 * Math.sqrt(Math.max(0, 1 - ((below - 325) / 325) ** 2));
      return (85 - half) * cosine + (60 + below) * sine;
    });
    expect(Math.min(...room)).toBeGreaterThan(HIP_SPREAD.coveringMm - 0.05);
    expect(Math.min(...room)).toBeLessThan(HIP_SPREAD.coveringMm + 0.5);
    expect(touchesBelowMm).toBeGreaterThan(0);
  });

  it('a higher seat buys a degree or two for ten millimetres while the thigh touches above the widest', () => {
    const [low, high] = [hipSpread(round(280), 85, 60), hipSpread(round(280), 85, 70)];
    expect(low.aboveTheWidest).toBe(true);
    expect(low.deg - high.deg).toBeGreaterThan(0.4);
    expect(low.deg - high.deg).toBeLessThan(3);
  });

  it.each([
    [150, 'comfortable'],
    [400, 'caution'],
  ] as const)('half a breadth of %d: %s', (half, level) => expect(hipSpread(round(half), 85, 60).level).toBe(level));
});
