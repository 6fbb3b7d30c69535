import { seededRandom } from '../../random';
import { schoolById } from '../../schools';
import { NOTHING_ADDED, presentSetup, middleSetup, type DescribedSaddle } from '../../saddle';
import { PLAIN_HORSE, anyHorse, anySaddle, horse, inputOf, saddleFor } from '../../sit/__tests__/invented-horses';
import { bodyFrom } from '../../sit/body';
import {
  AXIS_IDS,
  assess,
  bestSetup,
  bestShims,
  betterOf,
  boundedLeastSquares,
  evenFlock,
  fitBench,
  naturalPlaceMm,
  rankStock,
  sitConfidence,
  stepSetup,
  strapChoices,
} from '..';

const RIDER = { massKg: 70, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' } as const;
const STATIC = schoolById('static-close');
/** Coarse cells: what is tested is the searching. */
const COARSE_MM = 18;
const bench = (numbers = {}) => fitBench(horse(numbers), STATIC, RIDER, 40, undefined, COARSE_MM);
function finished<T, R>(job: Generator<T, R>): { answer: R; steps: number } {
  for (let steps = 0; ; steps++) {
    const step = job.next();
    if (step.done) return { answer: step.value, steps };
  }
}
const settable: DescribedSaddle = saddleFor(
  90,
  { curveMm: { kind: 'options', present: 8, options: [0, 8, 20, 35] } },
  {
    depthRearMm: { kind: 'range', present: 42, least: 34, most: 54, step: 4 },
  },
);

describe('one step on an axis', () => {
  it('and back again is where it began', () => {
    const setup = middleSetup(settable, 60);
    for (const axis of AXIS_IDS.filter((a) => a !== 'flockNear')) {
      const there = stepSetup(settable, setup, axis, 1);
      if (there !== null) expect(stepSetup(settable, there, axis, -1)).toEqual(setup);
    }
  });

  it('ends at the end of what the saddle has', () => {
    const setup = { ...middleSetup(settable, 60), width: 3 };
    expect(stepSetup(settable, setup, 'width', 1)).toBeNull();
    expect(stepSetup(saddleFor(90), presentSetup(saddleFor(90), 60), 'curve', 1)).toBeNull();
  });
});

describe('find the best of one saddle', () => {
  it('is no worse than any neighbour, and than every configuration it could have walked to', () => {
    const { answer } = finished(bestSetup(bench({ dipMm: 20 }), settable, 50));
    if (!answer.ok) throw new Error('refused');
    const { best, neighbours, tried } = answer.value;
    expect(neighbours.length).toBeGreaterThan(4);
    for (const n of neighbours) expect(betterOf(n.assessed, best)).toBeGreaterThanOrEqual(0);
    for (const t of tried) expect(betterOf(t, best)).toBeGreaterThanOrEqual(0);
  });

  it('takes the deeper tree for the dipped back and the flatter one for the flat back', () => {
    const curve = (dipMm: number): number => {
      const { answer } = finished(bestSetup(bench({ dipMm }), settable, 50));
      if (!answer.ok) throw new Error('refused');
      return answer.value.best.setup.curveMm;
    };
    expect(curve(40)).toBeGreaterThan(curve(4));
  });

  it('can be stopped after any step', () => {
    const job = bestSetup(bench(), settable, 50);
    expect(job.next().value).toMatchObject({ tried: 1 });
    job.next();
    expect(job.return(undefined as never).done).toBe(true);
  });

  it('is the same when asked again', () => {
    const one = finished(bestSetup(bench(), settable, 50)).answer;
    const two = finished(bestSetup(bench(), settable, 50)).answer;
    expect(two).toEqual(one);
  });
});

describe('a stock list', () => {
  const fits = { ...saddleFor(90), id: 'fits' };
  const wide = { ...saddleFor(120, { midAngleDeg: 128, rearAngleDeg: 132 }), id: 'wide' };
  const long = { ...saddleFor(90, { lengthMm: 460 }), id: 'long' };
  const broken = { ...saddleFor(90, { lengthMm: 4000 }), id: 'broken' };

  it('puts what has no hard stop first, and says why the others are refused', () => {
    const { answer, steps } = finished(rankStock(bench({ dipMm: 12, lastRibMm: 440 }), [long, wide, fits, broken]));
    expect(answer.ranked[0]!.id).toBe('fits');
    expect(answer.ranked.find((r) => r.id === 'long')!.best.stops).toContain('panelBeforeRib');
    expect(answer.refused).toMatchObject([{ id: 'broken', problems: [{ code: 'SADDLE_OUT_OF_RANGE' }] }]);
    expect(steps).toBeGreaterThan(10);
  });

  it('comes out the same whichever way the list stands, and in parts', () => {
    const all = finished(rankStock(bench(), [fits, wide, long])).answer.ranked;
    const turned = finished(rankStock(bench(), [long, fits, wide])).answer.ranked;
    expect(turned).toEqual(all);
    const part = finished(rankStock(bench(), [wide])).answer.ranked[0];
    expect(part).toEqual(all.find((r) => r.id === 'wide'));
  });
});

describe('filling by least squares', () => {
  it('finds what was taken away, inside its bounds', () => {
    const rows = Array.from({ length: 60 }, (_, i) => [i < 20 ? 1 : 0, i >= 20 && i < 40 ? 1 : 0, i >= 40 ? 1 : 0]);
    const gaps = rows.map(([a, b, c]) => -(3 * a! - 1 * b! - 2 * c!));
    const f = boundedLeastSquares(rows, gaps, [-8, -8, -8], [8, 8, 8]);
    expect(f[0]! - f[1]!).toBeCloseTo(4, 0);
    expect(boundedLeastSquares(rows, gaps, [-1, -1, -1], [1, 1, 1]).every((v) => v >= -1 && v <= 1)).toBe(true);
    expect(boundedLeastSquares([], [], [-1], [1])).toEqual([0]);
  });

  it('is never judged worse, presses no harder, and comes in real steps', () => {
    const saddle = saddleFor(88);
    const setup = presentSetup(saddle, 50);
    for (const offDeg of [45, 43, 40]) {
      const b = bench({ offDeg });
      const { answer, steps } = finished(evenFlock(b, saddle, setup));
      const before = assess(b, saddle, setup);
      if (!answer.ok || !before.ok) throw new Error('refused');
      expect(steps).toBeGreaterThan(2);
      const [now, filled] = [before.value, answer.value.best];
      expect(answer.value.tried.map((a) => a.setup)).toContainEqual(setup);
      expect(new Set(answer.value.tried.map((a) => JSON.stringify(a.setup))).size).toBe(answer.value.tried.length);
      const ratio = (a: typeof now) => a.resting.rows.find((r) => r.id === 'peakRatio')!.value!;
      expect(filled.stops.length).toBeLessThanOrEqual(now.stops.length);
      expect(filled.score).toBeGreaterThan(now.score - 0.51);
      expect(ratio(filled)).toBeLessThan(ratio(now) + 0.04);
      for (const side of ['near', 'off'] as const) for (const v of Object.values(filled.setup.flock[side])) expect(Math.abs(v % 2)).toBe(0);
    }
  });

  it('leaves a panel alone that can’t be filled', () => {
    const foam = saddleFor(90, {}, { flock: { leastMm: 0, mostMm: 0, stepMm: 0 } });
    const { answer } = finished(evenFlock(bench({ offDeg: 40 }), foam, presentSetup(foam, 50)));
    expect(answer).toMatchObject({ ok: true, value: { best: { setup: { flock: NOTHING_ADDED } }, tried: [{}] } });
  });
});

describe('shims', () => {
  it('go where they help and nowhere else, and never make it worse', () => {
    const b = bench({ dipMm: 12 });
    const saddle = { ...saddleFor(90), front: { ...saddleFor(90).front, presentSetting: 3 } };
    const setup = presentSetup(saddle, 50);
    const before = assess(b, saddle, setup);
    const { answer } = finished(bestShims(b, saddle, setup));
    if (!answer.ok || !before.ok) throw new Error('refused');
    expect(betterOf(answer.value.best, before.value)).toBeLessThanOrEqual(0);
    expect(answer.value.best.setup.width).toBe(3);
  });
});

describe('straps', () => {
  it('every legal pair, least drift first', () => {
    const choices = strapChoices(bench({ grooveMm: 90 }), saddleFor(90), presentSetup(saddleFor(90), 50));
    expect(choices).toHaveLength(3);
    const drifts = choices.map((c) => Math.abs(c.driftAlong));
    expect(drifts).toEqual([...drifts].sort((a, b) => a - b));
  });
});

describe('where a saddle is tried first', () => {
  it('is as far forward as the school lets its points come', () => {
    expect(naturalPlaceMm(horse(), saddleFor(90), STATIC)).toBe(50);
    expect(naturalPlaceMm(horse(), saddleFor(90), schoolById('room-to-move'))).toBe(80); // it has no rule for the points: where it takes the front
    expect(naturalPlaceMm(horse(), saddleFor(90, { pointRakeDeg: 10 }), STATIC)).toBe(80);
  });
});

describe('how sure', () => {
  const ask = (spreadDeg: number) => {
    const input = inputOf(PLAIN_HORSE);
    const spread = {
      near: { sideAngleDeg: spreadDeg, halfWidthMm: 0.5 },
      off: { sideAngleDeg: spreadDeg, halfWidthMm: 0.5 },
      assumed: false,
    };
    const saddle = { ...saddleFor(90), front: { ...saddleFor(90).front, presentSetting: 1 } };
    const question = {
      input: { ...input, stations: input.stations.map((s) => ({ ...s, spread })) },
      school: STATIC,
      saddle,
      setup: presentSetup(saddle, 50),
      rider: RIDER,
      strapPullN: 60,
      redraws: 24,
      random: seededRandom(5),
    };
    return finished(sitConfidence(question)).answer;
  };

  it('is surer the closer the takes agree, and repeats itself', () => {
    const [sure, unsure] = [ask(0.05), ask(4)];
    expect(sure.widthWins[0]!.count).toBeGreaterThanOrEqual(unsure.widthWins[0]!.count);
    expect(ask(4)).toEqual(unsure);
    expect(unsure.widthWins.reduce((s, w) => s + w.count, 0)).toBe(24);
    expect(unsure.assumedSpread).toBe(false);
  });
});

describe('warm and cold', () => {
  it('assess alike on any horse and saddle', () => {
    for (let seed = 1; seed <= 25; seed++) {
      const random = seededRandom(seed);
      const body = bodyFrom(inputOf(anyHorse(random)));
      const saddle = anySaddle(random);
      if (!body.ok) continue;
      const b = fitBench(body.value, STATIC, RIDER, 40, undefined, COARSE_MM);
      const first = assess(b, saddle, presentSetup(saddle, 55));
      if (!first.ok || first.value.stops.includes('sits')) continue;
      const wider = { ...presentSetup(saddle, 55), width: 2 };
      const [warm, cold] = [assess(b, saddle, wider, first.value), assess(b, saddle, wider)];
      if (warm.ok && cold.ok) expect(Math.abs(warm.value.score - cold.value.score)).toBeLessThan(1);
    }
  });
});
