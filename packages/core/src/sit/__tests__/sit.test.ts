import fc from 'fast-check';
import { seededRandom } from '../../random';
import { fixedAt, presentSetup } from '../../saddle';
import { anyHorse, anySaddle, horse, inputOf, saddleFor, sitOn } from './invented-horses';
import { ENGINE_DEFAULTS } from '../../schools';
import { type HorseBody, bodyFrom, mirroredBody, posedSurface } from '../body';
import { anyPairs } from './any-pairs';
import { type RiderLoad, type SitQuestion } from '..';

const RIDER: RiderLoad = { massKg: 70, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' };

function sits(body: HorseBody, saddle = saddleFor(90), more: Partial<SitQuestion> = {}) {
  const outcome = sitOn({ body, saddle, setup: presentSetup(saddle, 50), rider: RIDER, pose: 'resting', ...more });
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  return outcome.value;
}

describe('a saddle on a plain symmetrical horse', () => {
  const plain = sits(horse());

  it('carries exactly what hangs on it, in balance to 1e-6', () => {
    const weight = plain.loads.reduce((s, l) => s - l.forceZ, 0);
    expect(plain.settled.state).toBe('settled');
    // summed where the cells came to, a hair from where the balance was struck
    expect(Math.abs(plain.measures.carriedN / weight - 1)).toBeLessThan(1e-4);
    for (const left of Object.values(plain.settled.residual)) expect(Math.abs(left)).toBeLessThan(1e-6);
  });

  it('doesn’t roll and doesn’t drift sideways', () => {
    expect(plain.settled.pose.rollDeg).toBeCloseTo(0, 6);
    expect(plain.drift.across).toBeCloseTo(0, 6);
    expect(plain.measures.near).toBeCloseTo(0.5, 6);
  });

  it('says how far its parts lie from the landmarks', () => {
    expect(plain.places.pointBehindRestMm).toBe(50);
    expect(plain.places.pointBehindForwardMm).toBe(5);
    // the panel's own end less the turned-up part that carries nothing
    const clear = plain.places.panelBeforeRibMm! - (420 - 50 - 350 - 15);
    expect(clear).toBeGreaterThanOrEqual(0);
    expect(clear).toBeLessThan(30);
    expect(plain.places.channelMm).toBeCloseTo(70, 6);
  });

  it('bears to a place that moves with what changes, never by a row of cells', () => {
    const ends = [0, 2, 4, 6, 8, 10, 12].map((offsetMm) => sits(horse(), undefined, { rider: { ...RIDER, offsetMm } }).shape.bearsToMm!);
    const steps = ends.slice(1).map((end, i) => Math.abs(end - ends[i]!));
    for (const step of steps) expect(step).toBeGreaterThan(0);
    for (const step of steps) expect(step).toBeLessThan(1);
  });

  it('presses harder in a trot than at halt, and harder still over a jump', () => {
    const mean = (gait: RiderLoad['gait']) => sits(horse(), undefined, { rider: { ...RIDER, gait } }).measures.meanKPa;
    expect(mean('trot')).toBeGreaterThan(mean('stand'));
    expect(mean('jump')).toBeGreaterThan(mean('trot'));
  });

  it('is pressed by the girth alone with nobody up, and by nothing but itself with the girth undone', () => {
    const light = sits(horse(), undefined, { rider: null, strapPullN: 0 });
    expect(light.measures.carriedN).toBeCloseTo(7.5 * 9.81, 3);
    expect(light.drift.strapsAlongN).toBe(0);
  });
});

describe('where the rider sits along the saddle', () => {
  const level = (alongMm: number) => sits(horse(), undefined, { rider: { ...RIDER, alongMm } });

  it('ahead of the lowest point lowers the front, behind it the rear; said or not said, the point itself is the same', () => {
    expect(level(-40).settled.pose.pitchDeg).toBeLessThan(level(0).settled.pose.pitchDeg);
    expect(level(40).settled.pose.pitchDeg).toBeGreaterThan(level(0).settled.pose.pitchDeg);
    expect(level(0).settled.pose).toEqual(sits(horse()).settled.pose);
  });

  it('moves nothing of what hangs on the stirrup bars', () => {
    const standing = (alongMm: number) => sits(horse(), undefined, { rider: { ...RIDER, stirrupShare: 1, alongMm } }).loads;
    expect(standing(40)).toEqual(standing(0));
  });
});

describe('what a back does to a saddle', () => {
  it('a mirrored horse under a mirrored rider gives the mirrored answer', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1_000_000 }), (seed) => {
        const random = seededRandom(seed);
        const input = bodyFrom(inputOf(anyHorse(random)));
        if (!input.ok) return;
        const saddle = anySaddle(random);
        const question = { saddle, setup: presentSetup(saddle, 50), pose: 'resting' as const };
        const offset = 30 * (random() - 0.5);
        const a = sitOn({ ...question, body: input.value, rider: { ...RIDER, offsetMm: offset } });
        const b = sitOn({ ...question, body: mirroredBody(input.value), rider: { ...RIDER, offsetMm: -offset } });
        expect(b.ok).toBe(a.ok);
        if (!a.ok || !b.ok || a.value.settled.state !== 'settled') return;
        // both are sampled until nothing moves a tenth of a millimetre; a cell on an edge may tip the last of it either way
        expect(b.value.settled.pose.rollDeg).toBeCloseTo(-a.value.settled.pose.rollDeg, 2);
        expect(b.value.settled.pose.pitchDeg).toBeCloseTo(a.value.settled.pose.pitchDeg, 2);
        expect(b.value.drift.along).toBeCloseTo(a.value.drift.along, 2);
        expect(b.value.drift.across).toBeCloseTo(-a.value.drift.across, 2);
        expect(b.value.measures.near).toBeCloseTo(a.value.measures.off, 2);
      }),
      { numRuns: 14 },
    );
  });

  it('a downhill back drifts it forward, an uphill one back, and it goes that way', () => {
    const on = (slope: number) => sits(horse({ slope }), undefined, { strapPullN: 0 });
    const [down, level, up] = [on(0.08), on(0), on(-0.08)];
    expect(down.drift.along).toBeLessThan(level.drift.along - 0.1);
    expect(up.drift.along).toBeGreaterThan(level.drift.along + 0.1);
    expect(down.settled.travelled.alongMm).toBeLessThan(level.settled.travelled.alongMm - 0.5);
    expect(up.settled.travelled.alongMm).toBeGreaterThan(level.settled.travelled.alongMm + 0.5);
  });

  it('a plane under a slope t uses t / mu of its holding: the closed form', () => {
    const t = 0.06;
    const { surface } = horse();
    const heights = surface.heights.map((_, at) => t * (surface.x0Mm + Math.floor(at / surface.countY) * surface.stepMm));
    const flat = { ...horse(), surface: { ...surface, heights } };
    const saddle = saddleFor(150, { midAngleDeg: 170, rearAngleDeg: 175, curveMm: fixedAt(0) });
    const { drift } = sits(flat, saddle, { strapPullN: 0 });
    // W sin a is held, of mu W cos a along the plane; the skin on it is seen short by cos a
    expect(drift.along).toBeCloseTo(-t / 0.35, 2);
  });

  it('a pear-shaped back drifts it forward though its spine is level', () => {
    const drift = (opensDeg: number) =>
      sits(horse({ opensDeg }), saddleFor(90, { midAngleDeg: 90 + opensDeg, rearAngleDeg: 90 + 2 * opensDeg }), { strapPullN: 0 }).drift
        .slopeAlongN;
    expect(drift(16)).toBeLessThan(drift(0));
  });

  it('a weak side rolls it to that side', () => {
    expect(sits(horse({ offDeg: 41 })).settled.pose.rollDeg).toBeGreaterThan(1);
    expect(sits(horse({ nearDeg: 41 })).settled.pose.rollDeg).toBeLessThan(-1);
  });

  it('a flat tree bridges on a dipped back; a deep one rocks on a flat back', () => {
    const tree = (curve: number) => saddleFor(90, { curveMm: fixedAt(curve) });
    const bridging = sits(horse({ dipMm: 35 }), tree(5));
    const rocking = sits(horse({ dipMm: 0 }), tree(35));
    const even = sits(horse({ dipMm: 12 }), tree(14));
    expect(bridging.measures.thirds[1]).toBeLessThan(0.1);
    expect(bridging.shape.bridgeGapMm).toBeGreaterThan(5);
    expect(rocking.measures.thirds[1]).toBeGreaterThan(0.45);
    expect(rocking.stiffness.pitchNmPerDeg).toBeLessThan(bridging.stiffness.pitchNmPerDeg);
    expect(even.measures.thirds[1]).toBeGreaterThan(0.15);
    expect(even.measures.thirds[1]).toBeLessThan(0.45);
  });

  it('a wider front sinks onto the withers, a narrower one stands off', () => {
    const over = (width: number) => {
      const saddle = saddleFor(90);
      return sits(horse(), saddle, { setup: { ...presentSetup(saddle, 50), width } }).withers.overMm!;
    };
    expect(over(0)).toBeGreaterThan(over(1));
    expect(over(1)).toBeGreaterThan(over(3));
  });

  it('straps behind the groove pull forward, straps ahead of it push back', () => {
    expect(sits(horse({ grooveMm: 60 })).drift.strapsAlongN).toBeLessThan(0);
    expect(sits(horse({ grooveMm: 220 })).drift.strapsAlongN).toBeGreaterThan(0);
    const [pull] = sits(horse({ grooveMm: 60 })).pulls;
    expect(pull!.leanDeg).toBeGreaterThan(0);
  });

  it('a rider to one side loads and rolls it to that side', () => {
    const off = sits(horse(), undefined, { rider: { ...RIDER, offsetMm: 25 } });
    expect(off.settled.pose.rollDeg).toBeGreaterThan(0.1);
    expect(off.measures.off).toBeGreaterThan(0.52);
  });

  it('a lifted back closes the gap under the middle; a shoulder drawn back loads the front', () => {
    const body = horse({ dipMm: 30 });
    const saddle = saddleFor(90, { curveMm: fixedAt(8) });
    const [resting, lifted, shoulder] = (['resting', 'lifted', 'shoulderBack'] as const).map((pose) => sits(body, saddle, { pose }));
    expect(lifted!.shape.bridgeGapMm).toBeLessThan(resting!.shape.bridgeGapMm);
    expect(shoulder!.measures.peakKPa).toBeGreaterThan(resting!.measures.peakKPa);
  });

  it('a lift leaves the withers and the loin where they were', () => {
    const body = horse();
    const surface = posedSurface(body, 'lifted', ENGINE_DEFAULTS);
    const at = (x: number): number => Math.round((x - surface.x0Mm) / surface.stepMm) * surface.countY;
    for (const x of [0, 60])
      expect(surface.heights[at(x) + (surface.countY >> 1)]).toBeCloseTo(body.surface.heights[at(x) + (surface.countY >> 1)]!, 6);
  });
});

describe('the points of the tree', () => {
  const hardestIn = (pointLengthMm: number, from: number, to: number): number => {
    const plain = saddleFor(90);
    const saddle = { ...plain, front: { ...plain.front, pointLengthMm } };
    const { settled, laid } = sits(horse(), saddle);
    return laid.x.reduce((most, x, i) => {
      const along = Math.abs(laid.y[i]!);
      return Math.abs(x - 50) < 15 && along > from && along < to ? Math.max(most, settled.cells.pressureKPa[i]!) : most;
    }, 0);
  };

  it('bear as far down as they are long: a short point leaves the panel below it soft', () => {
    expect(hardestIn(170, 90, 115)).toBeGreaterThan(1.3 * hardestIn(90, 90, 115));
    expect(hardestIn(90, 40, 60)).toBeGreaterThan(hardestIn(170, 40, 60) - 2);
  });
});

describe('pairs of any horse and any saddle', () => {
  it('never throw, never give NaN, and balance or say why not (ten thousand of them are a check of their own)', () => {
    const told = anyPairs(8);
    expect(told.settled + told.tipped + told.refused).toBe(200);
    expect(told.settled).toBeGreaterThan(60);
  });
});
