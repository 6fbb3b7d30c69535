import { parentPort } from 'node:worker_threads';
import { performance } from 'node:perf_hooks';
import {
  CELL_MM,
  assess,
  configurations,
  fitBench,
  naturalPlaceMm,
  presentSetup,
  ride,
  schoolById,
  settle,
  sit,
  sitBench,
} from '@fulcra/core';
import { benchJob } from './bench-cells';
import { DEMO_ANIMALS, DEMO_SADDLES, trueBody } from '@fulcra/demo';

/** What the engine takes in a worker, ms; medians. */
const ROUNDS = 25;
const RIDER = { massKg: 75, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' } as const;
const CONFIGURATIONS = 300;

function median(work: () => unknown, rounds = ROUNDS): number {
  for (let i = 0; i < 5; i++) work();
  const times = Array.from({ length: rounds }, () => {
    const began = performance.now();
    work();
    return performance.now() - began;
  });
  return times.sort((a, b) => a - b)[rounds >> 1]!;
}

const rest = settle(benchJob(800));
const body = trueBody(DEMO_ANIMALS[6]!.back);
const saddle = DEMO_SADDLES.find((s) => s.name === 'Breaker')!;
const school = schoolById('static-close');
const place = naturalPlaceMm(body, saddle, school);
const bench = sitBench(body, 'resting', school.engine);
const riding = sitBench(body, 'resting', school.engine, CELL_MM.stride);
const question = { body, saddle, setup: presentSetup(saddle, place), rider: RIDER, pose: 'resting' as const };

function rankAll(): number {
  const all = fitBench(body, school, RIDER, school.engine.strapPullN);
  let near = null;
  let ranked = 0;
  for (let round = 0; ranked < CONFIGURATIONS; round++) {
    for (const setup of configurations(saddle, place + round * 5)) {
      const outcome = assess(all, saddle, setup, near);
      if (outcome.ok) near = outcome.value;
      if (++ranked === CONFIGURATIONS) break;
    }
  }
  return ranked;
}

function rideOnce(): unknown {
  const job = ride(question, riding, ['trotSitting']);
  let step = job.next();
  while (!step.done) step = job.next();
  return step.value;
}

parentPort!.postMessage({
  'one solve, 4018 cells, cold': median(() => settle(benchJob(800))),
  'one solve, 4018 cells, warm': median(() => settle({ ...benchJob(810), warm: rest.pose })),
  'a saddle laid, settled, measured': median(() => sit(question, bench)),
  'pushed, halt and three strides of 24 instants': median(rideOnce, 5),
  [`${CONFIGURATIONS} configurations on three poses`]: median(rankAll, 3),
});
