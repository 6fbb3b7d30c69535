import { describedOf, presentSetup, underside } from '@fulcra/core';
import { DEMO_SADDLES } from '@fulcra/demo';
import { sideLeather } from '../side-leather';

const drawn = (saddle: (typeof DEMO_SADDLES)[number]) => {
  const described = describedOf(saddle);
  return sideLeather(saddle, underside(described, presentSetup(described, 0)));
};
const trekker = DEMO_SADDLES.find((s) => s.name === 'Holm trekker no. 1')!;
const western = DEMO_SADDLES.find((s) => s.kind === 'western')!;
const lowestBetween = (seat: readonly (readonly [number, number])[], end: number) => {
  const top = seat.slice(1, seat.findIndex(([u]) => u > end) - 1);
  return [...top].sort((a, b) => a[1] - b[1])[0]!;
};

describe('a saddle’s leather from the side', () => {
  it.each(DEMO_SADDLES)('$name: its seat is lowest where it was measured, lower than head and cantle', (saddle) => {
    const { seat } = drawn(saddle);
    const { seatLowMm, lengthMm } = saddle.build.frame;
    expect(lowestBetween(seat, lengthMm)[0]).toBe(seatLowMm);
  });

  it('moves with its measures: seat’s low, bar, and a flap as long and as far forward as measured', () => {
    const moved = {
      ...trekker,
      build: { ...trekker.build, frame: { ...trekker.build.frame, seatLowMm: trekker.build.frame.seatLowMm + 20 } },
    };
    expect(lowestBetween(drawn(moved).seat, trekker.build.frame.lengthMm)[0]).toBe(trekker.build.frame.seatLowMm + 20);
    const flapped = { ...trekker, seat: { ...trekker.seat, flapLengthMm: 400, flapReachMm: 150, flapBackMm: 120 } };
    const { flap, assumed } = drawn(flapped);
    const { barMm } = trekker.build.frame;
    expect(assumed).toBe(false);
    expect(Math.min(...flap.map(([u]) => u))).toBe(barMm - 150);
    expect(Math.max(...flap.map(([u]) => u))).toBe(barMm + 120);
    const longer = drawn({ ...flapped, seat: { ...flapped.seat, flapLengthMm: 420 } }).flap;
    expect(Math.min(...flap.map(([, z]) => z)) - Math.min(...longer.map(([, z]) => z))).toBeCloseTo(20, 9);
  });

  it('an unmeasured flap says that it is the usual one; a western saddle has swell, horn and skirt instead', () => {
    expect(drawn({ ...trekker, seat: { ...trekker.seat, flapLengthMm: null } }).assumed).toBe(true);
    const { seat, flap, assumed } = drawn(western);
    expect(assumed).toBe(false);
    const { lengthMm } = western.build.frame;
    expect(Math.max(...seat.map(([, z]) => z))).toBeGreaterThan(Math.max(...drawn(trekker).seat.map(([, z]) => z)));
    expect(Math.max(...flap.map(([u]) => u))).toBeGreaterThan(lengthMm + 50);
  });
});
