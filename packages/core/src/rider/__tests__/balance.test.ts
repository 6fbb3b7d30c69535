import { FOOT, HEEL_LIMITS_MM, MASS_SHARES, legOf, legOnHorse, massCentre, overTheIron, plumbOf, plumbParts, realLoad } from '..';
import { bodyOf, plainGround, valueOf } from './fixtures';

const BODY = bodyOf({ stature: 1700 });
const GROUND = plainGround(BODY);
const PLACE = valueOf(legOnHorse(legOf(BODY, FOOT), GROUND, 122));
const TRUNK = BODY.shoulderAboveHip.mm;

describe('the centre of mass', () => {
  it('shares add up to the whole body', () =>
    expect(MASS_SHARES.headArmsTrunk + 2 * (MASS_SHARES.thigh + MASS_SHARES.shank + MASS_SHARES.foot)).toBeCloseTo(1, 9));
  it('all joints in one place: the trunk alone lifts it', () => {
    const here = { xMm: 0, zMm: 0, outMm: 0 };
    const { xMm, zMm } = massCentre({ hip: here, knee: here, ankle: here, tread: here }, 500, 0);
    expect(xMm).toBeCloseTo(0, 9);
    expect(zMm).toBeCloseTo(0.678 * 0.626 * 500, 9);
  });
  it('leaning forward takes it forward by the trunk’s share', () => {
    const by = massCentre(PLACE, TRUNK, 0).xMm - massCentre(PLACE, TRUNK, 30).xMm;
    expect(by).toBeCloseTo(0.678 * 0.626 * TRUNK * 0.5, 6);
  });
});

describe('over the iron', () => {
  it('the lean puts the centre of mass over the tread', () => {
    const { leanDeg, raised, centre, sittingBehindMm, behindAnkleMm, behindToeMm } = overTheIron(PLACE, BODY);
    expect(sittingBehindMm).toBeCloseTo(massCentre(PLACE, TRUNK, 0).xMm - PLACE.tread.xMm, 9);
    expect(massCentre(raised, TRUNK, leanDeg!).xMm).toBeCloseTo(PLACE.tread.xMm, 3);
    expect(centre.xMm).toBeCloseTo(PLACE.tread.xMm, 3);
    expect(behindAnkleMm).toBeCloseTo(PLACE.tread.xMm - PLACE.ankle.xMm, 3);
    expect(behindToeMm).toBeGreaterThan(0);
  });
  it('the seat comes up, thigh and shank keep their lengths, and the knee still bends forward', () => {
    const { raised } = overTheIron(PLACE, BODY);
    const length = (a: { xMm: number; zMm: number }, b: { xMm: number; zMm: number }) => Math.hypot(a.xMm - b.xMm, a.zMm - b.zMm);
    expect(raised.hip.zMm - PLACE.hip.zMm).toBeCloseTo(80, 6);
    expect(length(raised.hip, raised.knee)).toBeCloseTo(length(PLACE.hip, PLACE.knee), 6);
    expect(length(raised.knee, raised.ankle)).toBeCloseTo(length(PLACE.knee, PLACE.ankle), 6);
    expect(raised.knee.xMm).toBeLessThan(raised.hip.xMm);
  });
  it('a leg all but straight can’t come up further than it is long', () => {
    const straight = valueOf(legOnHorse(legOf(BODY), GROUND, 178));
    expect(overTheIron(straight, BODY).raised.hip.zMm - straight.hip.zMm).toBeLessThan(20);
  });
  it('bars far ahead: no lean reaches', () => {
    const ahead = { ...GROUND, saddle: { ...GROUND.saddle, bar: { ...GROUND.saddle.bar, xMm: GROUND.saddle.bar.xMm - 330 } } };
    expect(overTheIron(valueOf(legOnHorse(legOf(BODY), ahead, 150)), BODY).leanDeg).toBeNull();
  });
});

describe('chair or tipped, and why', () => {
  const even = plumbOf(PLACE, BODY.heelToAnkle.mm);
  const at = (heel: number) => ({ ...even, heelBehindHipMm: heel });
  it('a bar about 145 mm ahead of the hip is even', () => expect(even.balance).toBe('even'));
  it.each([
    [HEEL_LIMITS_MM.chairBelow, 0, null, 'even', null],
    [HEEL_LIMITS_MM.chairBelow - 0.1, 0, null, 'chair', 'bar'],
    [HEEL_LIMITS_MM.tippedAbove, 0, null, 'even', null],
    [HEEL_LIMITS_MM.tippedAbove + 0.1, 0, null, 'tipped', 'bar'],
    // cantle low by 4 degrees takes the hip 35 mm back
    [-50, 4, null, 'chair', 'balance'],
    [-60, 4, null, 'chair', 'bar'],
    [80, -4, null, 'tipped', 'balance'],
    // the knee is 80 ahead and 60 to its front: a reach of 100 pushes it back by 40
    [10, 0, 100, 'chair', 'length'],
    [30, 0, 100, 'even', null],
    [10, 0, 200, 'even', null],
  ] as const)('heel %d, pitch %d, flap %s: %s, %s', (heel, pitch, reach, balance, cause) => {
    expect(plumbParts(at(heel), { kneeBehindBarMm: -80 }, pitch, reach)).toMatchObject({ balance, cause });
  });
});

describe('the rider as a load', () => {
  const loaded = (over: Partial<Parameters<typeof realLoad>[0]>) =>
    realLoad({
      massKg: 70,
      stirrupShare: 0.2,
      gait: 'walk',
      place: PLACE,
      body: BODY,
      offLowerMm: 0,
      seatXMm: GROUND.saddle.seat.xMm,
      ...over,
    });

  it('seat and bars together balance the centre of mass', () => {
    const { load, centreBehindSeatMm } = loaded({});
    const bar = PLACE.tread.xMm - GROUND.saddle.seat.xMm;
    expect(0.8 * load.alongMm! + 0.2 * bar).toBeCloseTo(centreBehindSeatMm, 9);
    expect(load).toMatchObject({ massKg: 70, offsetMm: 0, stirrupShare: 0.2, gait: 'walk' });
  });
  it('uneven leathers take the rider to the side that hangs lower, by share, lever and base', () => {
    const { load, leverMm, baseMm } = loaded({ offLowerMm: 12.5, stirrupShare: 0.5 });
    expect(load.offsetMm).toBeCloseTo((0.5 * 12.5 * leverMm) / baseMm, 9);
    expect(load.offsetMm).toBeGreaterThan(0);
    expect(loaded({ offLowerMm: -12.5, stirrupShare: 0.5 }).load.offsetMm).toBeCloseTo(-load.offsetMm, 9);
    expect(baseMm).toBeCloseTo(170, 6);
  });
  it('standing in the irons nothing is left on the seat', () => expect(loaded({ stirrupShare: 1 }).load.alongMm).toBe(0));
  it('60 mm uneven is held to what a saddle can carry', () => expect(loaded({ stirrupShare: 1, offLowerMm: 600 }).load.offsetMm).toBe(100));
  it('a rider past the scale is held to it', () => expect(loaded({ massKg: 230 }).load.massKg).toBe(200));
});
