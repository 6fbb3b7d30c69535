import { PLAIN_BARREL, barrelFromTracing, halfBreadthAt, withTracedTop } from '../../girth';
import { DEFAULT_BUILD, SEAT_DEFAULTS_MM, UNKNOWN_SEAT, assumedOfSeat } from '../../saddle';
import {
  FOOT,
  KNEE_BANDS,
  KNEE_COVER_MM,
  PURPOSES,
  SEAT_OVER_BACK_MM,
  SEAT_RADIUS_MM,
  hangError,
  legOf,
  legOnHorse,
  legOnLeather,
  levelOnHorse,
  purposePlans,
  settledOnHorse,
  type LeatherPair,
} from '..';
import { AS_PUT } from '../../sit';
import { bodyOf, plainGround, valueOf } from './fixtures';

const BODY = bodyOf({ stature: 1700 });
const GROUND = plainGround(BODY);

describe('the saddle on the horse, for a leg', () => {
  const settledAt = (pitchDeg: number, heaveMm: number) =>
    settledOnHorse(
      { build: DEFAULT_BUILD },
      UNKNOWN_SEAT,
      { placeMm: 50 },
      { settled: { pose: { ...AS_PUT, pitchDeg, heaveMm } }, under: { roofAt: () => 40 } } as never,
      () => -7,
    );

  it('level: seat over the tree, bars below the seat, both lifted with the saddle', () => {
    const { seat, bar, backZMm, settled } = settledAt(0, 12);
    expect(seat).toEqual({ xMm: 50 + DEFAULT_BUILD.frame.seatLowMm, zMm: 40 + SEAT_DEFAULTS_MM.seatOverTreeMm + 12 });
    expect(bar.zMm).toBe(seat.zMm - SEAT_DEFAULTS_MM.barBelowSeatMm);
    expect(bar.xMm).toBe(50 + DEFAULT_BUILD.frame.barMm);
    expect([backZMm, settled]).toEqual([-7, true]);
  });

  it('cantle low: the lowest point wanders back, the bar comes up against it', () => {
    const [level, low] = [settledAt(0, 0), settledAt(4, 0)];
    // the seat's own roundness, and the true turn of the whole saddle about the frame's origin
    const turn = (4 * Math.PI) / 180;
    const turned = (x: number, z: number) => x * (Math.cos(turn) - 1) + z * Math.sin(turn);
    expect(low.seat.xMm - level.seat.xMm).toBeCloseTo(SEAT_RADIUS_MM * Math.sin(turn) + turned(level.seat.xMm, level.seat.zMm), 6);
    const apart = DEFAULT_BUILD.frame.seatLowMm - DEFAULT_BUILD.frame.barMm;
    expect(low.bar.zMm - low.seat.zMm - (level.bar.zMm - level.seat.zMm)).toBeCloseTo(
      apart * Math.sin(turn) + (level.bar.zMm - level.seat.zMm) * (Math.cos(turn) - 1),
      6,
    );
    expect(settledAt(-4, 0).seat.xMm).toBeLessThan(level.seat.xMm);
  });

  it('not laid on: level on a plain back, and it says so', () => {
    const on = levelOnHorse({ build: DEFAULT_BUILD }, { ...UNKNOWN_SEAT, barOutMm: 131, barBelowSeatMm: 12 }, 50, null);
    expect(on).toMatchObject({
      seat: { zMm: SEAT_OVER_BACK_MM },
      bar: { zMm: SEAT_OVER_BACK_MM - 12, outMm: 131 },
      settled: false,
      backZMm: 0,
    });
    expect(assumedOfSeat(UNKNOWN_SEAT)).toEqual(['barOutMm', 'barBelowSeatMm', 'seatOverTreeMm']);
    expect(assumedOfSeat({ ...UNKNOWN_SEAT, barOutMm: 131 })).toEqual(['barBelowSeatMm', 'seatOverTreeMm']);
  });
});

describe('the leg round the barrel', () => {
  it('the knee hangs out as far as the barrel is broad at the knee, with what lies between', () => {
    const { knee, hangs } = valueOf(legOnHorse(legOf(BODY), GROUND, 122));
    const half = halfBreadthAt(PLAIN_BARREL, -knee.zMm);
    expect(hangs.kneeOutMm).toBeCloseTo(half + KNEE_COVER_MM.saddleAndFlap + KNEE_COVER_MM.skinToJoint, 3);
  });

  it.each([80, 100, 122, 134, 150])('there and back: a knee of %d degrees on the leather it asks for', (kneeDeg) => {
    const place = valueOf(legOnHorse(legOf(BODY), GROUND, kneeDeg));
    expect(valueOf(legOnLeather(legOf(BODY), GROUND, place.hangMm)).kneeDeg).toBeCloseTo(kneeDeg, 3);
  });

  it('a straighter knee is a longer leather, all the way', () => {
    const hangs = Array.from({ length: 90 }, (_, i) => valueOf(legOnHorse(legOf(BODY), GROUND, 75 + i)).hangMm);
    expect(hangs).toEqual([...hangs].sort((a, b) => a - b));
  });

  it('a broader horse makes the same leg shorter', () => {
    const broad = { ...GROUND, barrel: { ...PLAIN_BARREL, halfBreadthMm: 330 } };
    expect(valueOf(legOnHorse(legOf(BODY), broad, 122)).dropMm).toBeLessThan(valueOf(legOnHorse(legOf(BODY), GROUND, 122)).dropMm - 10);
  });

  it('a leg of 90 cm of rider on a draught horse is refused or drawn, never NaN', () => {
    const child = bodyOf({
      stature: 900,
      thigh: 215,
      kneeToSole: 250,
      ankleHeight: 38,
      ankleToBall: 68,
      heelToAnkle: 36,
      hipBreadth: 190,
      hipJointHalfDistance: 50,
      hipJointAboveSeat: 52,
      shoulderAboveHip: 260,
      armpitToFingertip: 340,
      buttockToKneeHollow: 260,
    });
    const draught = { ...plainGround(child), barrel: { ...PLAIN_BARREL, halfBreadthMm: 380 } };
    const outcome = legOnHorse(legOf(child), draught, 120);
    expect(outcome.ok ? Number.isFinite(outcome.value.hangMm) : outcome.problems[0]!.code).toBe('LEG_TOO_SHORT_SIDEWAYS');
  });
});

describe('how sure the length is', () => {
  it('from the height alone: 23 mm, of two holes of 12.5', () => {
    const { sdMm, from } = hangError(BODY, FOOT, GROUND, 122);
    expect(sdMm).toBeGreaterThan(21);
    expect(sdMm).toBeLessThan(25);
    expect(from[0]!.length).toBe('kneeToSole');
  });
  it('measured lengths make it surer', () => {
    const measured = bodyOf({ stature: 1700, thigh: 417, kneeToSole: 485, hipJointAboveSeat: 94 });
    expect(hangError(measured, FOOT, GROUND, 122).sdMm).toBeLessThan(8);
  });
  it('one length’s share is its slope times its error', () => {
    const { from } = hangError(BODY, FOOT, GROUND, 122);
    const longer = { ...BODY, kneeToSole: { ...BODY.kneeToSole, mm: BODY.kneeToSole.mm + 2 } };
    const by = valueOf(legOnHorse(legOf(longer), GROUND, 122)).hangMm - valueOf(legOnHorse(legOf(BODY), GROUND, 122)).hangMm;
    expect(from.find((f) => f.length === 'kneeToSole')!.sdMm).toBeCloseTo((by / 2) * 16, 1);
  });
});

describe('purposes side by side', () => {
  const pair: LeatherPair = {
    kind: 'looped',
    holes: 14,
    spacingMm: 25,
    hang: { near: { hole: 7, hangMm: 640 }, off: { hole: 7, hangMm: 640 } },
  };
  const plansOf = (over: Partial<Parameters<typeof purposePlans>[0]> = {}) =>
    purposePlans({
      body: BODY,
      foot: FOOT,
      ground: GROUND,
      purposes: ['general', 'advancedFlat', 'fencesLow'],
      bands: KNEE_BANDS.photo,
      pair,
      offLongerMm: 0,
      ...over,
    });

  it('holes from the first purpose of the list', () => {
    const [general, flat, fences] = plansOf();
    expect(general!.fromFirst).toBe(0);
    expect(flat!.fromFirst).toBe(flat!.holes!.holes.near - general!.holes!.holes.near);
    expect(flat!.fromFirst).toBeGreaterThanOrEqual(2);
    expect(fences!.fromFirst).toBeLessThan(0);
  });
  it('without a pair there are lengths and no holes', () => {
    const [general] = plansOf({ pair: null });
    expect([general!.holes, general!.fromFirst]).toEqual([null, null]);
    expect(general!.rangeMm![0]).toBeLessThan(valueOf(general!.place).hangMm);
    expect(general!.rangeMm![1]).toBeGreaterThan(valueOf(general!.place).hangMm);
  });
  it('says where the holes end, where purposes lie far apart, and where the knee lies behind the bar', () => {
    const codes = (plans: ReturnType<typeof purposePlans>) => plans.map((p) => p.warnings.map((w) => w.code));
    expect(codes(plansOf())).toEqual([[], [], []]);
    expect(
      codes(plansOf({ pair: { ...pair, holes: 2, hang: { near: { hole: 1, hangMm: 500 }, off: { hole: 1, hangMm: 500 } } } }))[0],
    ).toEqual(['outOfHoles']);
    const western = purposePlans({
      body: BODY,
      foot: FOOT,
      ground: { ...GROUND, saddle: { ...GROUND.saddle, bar: { ...GROUND.saddle.bar, xMm: 60 } } },
      purposes: ['western'],
      bands: KNEE_BANDS.spoken,
      pair: null,
      offLongerMm: 0,
    });
    expect(codes(western)).toEqual([['kneeBehindBar']]);
    const wide = { ...pair, holes: 40, spacingMm: 12.5, hang: { near: { hole: 36, hangMm: 640 }, off: { hole: 36, hangMm: 640 } } };
    const race = plansOf({ purposes: ['general', 'raceExercise'], pair: wide });
    expect(codes(race)[1]).toContain('farApart');
  });
  it('crouched the hip rides higher, so the leather is far shorter', () => {
    const [general, race] = plansOf({ purposes: ['general', 'raceExercise'], pair: null });
    expect(valueOf(race!.place).hangMm).toBeLessThan(valueOf(general!.place).hangMm - 150);
  });
  it('every purpose has a length in both sets for an ordinary rider', () => {
    for (const set of ['photo', 'spoken'] as const)
      for (const plan of plansOf({ purposes: PURPOSES, bands: KNEE_BANDS[set] })) expect(plan.place.ok).toBe(true);
  });
});

describe('a half tracing of the barrel', () => {
  const CIRCLE = [0, 60, 120, 180, 240, 300, 360, 420, 480, 540].map((belowMm) => ({
    belowMm,
    outMm: Math.sqrt(300 ** 2 - (belowMm - 300) ** 2),
  }));
  it('gives its widest, and wins where it reaches', () => {
    const barrel = valueOf(barrelFromTracing(CIRCLE));
    expect([barrel.halfBreadthMm, barrel.widestBelowMm, barrel.assumed]).toEqual([300, 300, false]);
    expect(halfBreadthAt(barrel, 150)).toBeCloseTo((CIRCLE[2]!.outMm + CIRCLE[3]!.outMm) / 2, 6);
    expect(halfBreadthAt(barrel, -1)).toBe(0);
  });
  it.each([
    [CIRCLE.slice(0, 4), 'BARREL_TRACING_TOO_SHORT'],
    [CIRCLE.slice(0, 5), null],
    [[...CIRCLE.slice(0, 4), CIRCLE[2]!], 'BARREL_TRACING_OUT_OF_ORDER'],
    [CIRCLE.map((p, i) => (i === 4 ? { ...p, outMm: p.outMm - 25 } : p)), 'BARREL_TRACING_HOLLOW'],
    [CIRCLE.map((p, i) => (i === 4 ? { ...p, outMm: p.outMm - 8 } : p)), null],
    [CIRCLE.map((p, i) => (i === 4 ? { ...p, outMm: Number.NaN } : p)), 'BARREL_TRACING_OUT_OF_ORDER'],
  ])('%#: %s', (points, code) => {
    const outcome = barrelFromTracing(points);
    expect(outcome.ok ? null : outcome.problems[0]!.code).toBe(code);
  });
  it('a section of the back gives the top, and runs over into the rest', () => {
    const top = withTracedTop(PLAIN_BARREL, [
      { belowMm: 0, outMm: 0 },
      { belowMm: 100, outMm: 150 },
    ]);
    expect(halfBreadthAt(top, 50)).toBe(75);
    expect(halfBreadthAt(top, 100.001)).toBeCloseTo(150, 1);
    expect(halfBreadthAt(top, 200)).toBeCloseTo(halfBreadthAt(PLAIN_BARREL, 200), 6);
    const traced = valueOf(barrelFromTracing(CIRCLE));
    expect(
      withTracedTop(traced, [
        { belowMm: 0, outMm: 0 },
        { belowMm: 100, outMm: 150 },
      ]),
    ).toBe(traced);
  });
});
