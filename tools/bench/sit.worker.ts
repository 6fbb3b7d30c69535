import { parentPort } from 'node:worker_threads';
import { performance } from 'node:perf_hooks';
import {
  CELL_MM,
  assess,
  configurations,
  fitBench,
  naturalPlaceMm,
  presentSetup,
  rankStock,
  ride,
  schoolById,
  settle,
  sit,
  sitBench,
} from '@fulcra/core';
import { benchJob } from './bench-cells';
import { DEMO_ANIMALS, DEMO_SADDLES, trueBody } from '@fulcra/demo';

/** What the engine takes in a worker, ms: medians of the clock, and of the processor, which a busy machine leaves alone more. */
const ROUNDS = 25;
const RIDER = { massKg: 75, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' } as const;
const CONFIGURATIONS = 300;

interface Took {
  readonly ms: number;
  readonly processorMs: number;
}

function median(work: () => unknown, rounds = ROUNDS): Took {
  for (let i = 0; i < 5; i++) work();
  const times = Array.from({ length: rounds }, (): Took => {
    const [began, used] = [performance.now(), process.cpuUsage()];
    work();
    const { user, system } = process.cpuUsage(used);
    return { ms: performance.now() - began, processorMs: (user + system) / 1000 };
  });
  const middle = (of: keyof Took): number => times.map((t) => t[of]).sort((x, y) => x - y)[rounds >> 1]!;
  return { ms: middle('ms'), processorMs: middle('processorMs') };
}

const [job, near] = [benchJob(800), benchJob(810)];
const rest = settle(job);
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
  const rides = ride(question, riding, ['trotSitting']);
  let step = rides.next();
  while (!step.done) step = rides.next();
  return step.value;
}

/** Of the stock, what has one setup only but for its place and what is laid under it. */
const FIXED = DEMO_SADDLES.filter((s) => s.front.settings.length === 1).slice(0, 9);

function rankFixed(): unknown {
  const ranking = rankStock(fitBench(body, school, RIDER, school.engine.strapPullN), FIXED);
  let step = ranking.next();
  while (!step.done) step = ranking.next();
  return step.value;
}

parentPort!.postMessage({
  'one solve, 4018 cells, cold': median(() => settle(job)),
  'one solve, 4018 cells, warm': median(() => settle({ ...near, warm: rest.pose })),
  'a saddle laid, settled, measured': median(() => sit(question, bench)),
  'pushed, halt and three strides of 24 instants': median(rideOnce, 5),
  [`${CONFIGURATIONS} configurations on three poses`]: median(rankAll, 3),
  [`${FIXED.length} saddles that can't be set, ranked and ridden`]: median(rankFixed, 1),
});
