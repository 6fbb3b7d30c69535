import { performance } from 'node:perf_hooks';
import {
  type Load,
  type Settled,
  cellAreaMm2,
  presentSetup,
  seededRandom,
  sit,
  sitBench,
  bodyFrom,
  settle,
  ENGINE_DEFAULTS,
} from '@fulcra/core';
import { anyHorse, anySaddle, inputOf } from '../../packages/core/src/sit/__tests__/invented-horses';

/** One resting saddle written out for another program: the cells, the springs, what hangs on it, and what we say of it. */
export interface ReferenceCase {
  readonly name: string;
  readonly areaMm2: number;
  readonly stiffnessKPaPerMm: number;
  readonly hardeningMm: number;
  readonly loads: readonly Load[];
  readonly x: readonly number[];
  readonly y: readonly number[];
  readonly overlapMm: readonly number[];
  readonly normalZ: readonly number[];
  readonly ours: {
    readonly heaveMm: number;
    readonly pitchSlope: number;
    readonly rollSlope: number;
    readonly peakKPa: number;
    readonly meanKPa: number;
    readonly ms: number;
  };
}

const CASES = 50;
const ROUNDS = 5;

/** The first fifty seeded pairs of horse and saddle that come to rest. */
export function referenceCases(): ReferenceCase[] {
  const cases: ReferenceCase[] = [];
  for (let seed = 1; cases.length < CASES; seed++) {
    const random = seededRandom(seed);
    const body = bodyFrom(inputOf(anyHorse(random)));
    if (!body.ok) continue;
    const saddle = anySaddle(random);
    const rider = { massKg: 40 + 60 * random(), offsetMm: 30 * (random() - 0.5), stirrupShare: random(), gait: 'stand' } as const;
    const outcome = sit(
      { body: body.value, saddle, setup: presentSetup(saddle, 50), rider, pose: 'resting' },
      sitBench(body.value, 'resting', ENGINE_DEFAULTS),
    );
    if (!outcome.ok || outcome.value.settled.state !== 'settled') continue;
    const { seat, springs, loads, settled } = outcome.value;
    const { cells } = seat;
    const used = [...cells.overlapMm.keys()].filter((i) => !Number.isNaN(cells.overlapMm[i]!));
    const pick = (from: Float64Array): number[] => used.map((i) => from[i]!);
    cases.push({
      name: `seed ${seed}`,
      areaMm2: cellAreaMm2(cells),
      ...springs,
      loads,
      x: pick(cells.x),
      y: pick(cells.y),
      overlapMm: pick(cells.overlapMm),
      normalZ: pick(cells.normalZ),
      ours: { ...numbers(settled), ms: timed(() => settle(cells, springs, loads)) },
    });
  }
  return cases;
}

function numbers({ pose, pressureKPa }: Settled) {
  const touching = pressureKPa.filter((p) => p > 0);
  return {
    heaveMm: pose.heaveMm,
    pitchSlope: Math.tan((pose.pitchDeg * Math.PI) / 180),
    rollSlope: Math.tan((pose.rollDeg * Math.PI) / 180),
    peakKPa: touching.reduce((m, p) => Math.max(m, p), 0),
    meanKPa: touching.reduce((s, p) => s + p, 0) / touching.length,
  };
}

/** Median of a few cold solves, ms. */
function timed(work: () => unknown): number {
  work();
  const times = Array.from({ length: ROUNDS }, () => {
    const began = performance.now();
    work();
    return performance.now() - began;
  });
  return times.sort((a, b) => a - b)[ROUNDS >> 1]!;
}
