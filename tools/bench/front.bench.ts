import { performance } from 'node:perf_hooks';
import {
  SECTION_STATIONS,
  backSurface,
  evenArch,
  frontFit,
  normal,
  paddingOfSchool,
  point,
  prepareSection,
  rankSaddles,
  recommendFront,
  schoolById,
  sectionFromPoints,
  seededRandom,
  settle,
  takesAgreement,
} from '@fulcra/core';
import { DEMO_ANIMALS, DEMO_SADDLES, demoSection, frontTakes, stationAtMm, trueStation } from '@fulcra/demo';
import { readTakes } from '@fulcra/core';
import { benchJob } from './bench-cells';
import { plainEvenAngle } from './plain-search';

const ROUNDS = 15;

/** Median of the rounds, ms, after one that isn't counted. */
function median(work: () => unknown): number {
  work();
  const times = Array.from({ length: ROUNDS }, () => {
    const began = performance.now();
    work();
    return performance.now() - began;
  });
  return times.sort((a, b) => a - b)[ROUNDS >> 1]!;
}

const school = schoolById('static-close');
const animal = DEMO_ANIMALS[2]!;
const taken = frontTakes(animal, '2026-11-01', 9000);
const section = demoSection(taken);
const body = prepareSection(section);
const padding = paddingOfSchool(school);
const { takes } = readTakes(taken.map(({ id, take }) => ({ id, reading: take.reading })));
const five = [0, 1, 2, 0, 1].map((i, k) => ({ ...takes[i]!, id: `${takes[i]!.id}-${k}` }));

/** A take of 200 points on another animal's flank, shaken by a third of a millimetre. */
function tracedTake(seed: number) {
  const random = seededRandom(seed);
  const points = Array.from({ length: 200 }, (_, i) => {
    const y = -200 + 2 * i;
    return point(y + 0.3 * normal(random), 30 - Math.hypot(y, 30) + 0.3 * normal(random));
  });
  const outcome = sectionFromPoints(points);
  if (!outcome.ok) throw new Error('the bench has a section that cannot be read');
  return { id: `traced-${seed}`, section: outcome.value.section };
}
const traced = [1, 2, 3, 4, 5].map(tracedTake);
const six = SECTION_STATIONS.map((station) => {
  const outcome = sectionFromPoints(trueStation(animal.back, station));
  if (!outcome.ok) throw new Error(`${station} cannot be read`);
  return { xMm: stationAtMm(animal.back, station), section: outcome.value.section };
});
const cold = settle(benchJob(800));
const stock = DEMO_SADDLES.map(({ id, front }) => ({ id, front }));

/** The same question answered the plain way: every half degree, every segment, bisection. */
const plain = median(() => plainEvenAngle(section, 'round', 170, padding));

const rows: readonly (readonly [string, number])[] = [
  ['even arch, one shape', median(() => evenArch(body, 'round', 170, padding))],
  ['front recommended, three shapes', median(() => recommendFront(body, school, 170, padding))],
  ['agreement of five takes', median(() => takesAgreement(five))],
  ['agreement of five takes of 200 points', median(() => takesAgreement(traced))],
  ['surface of six sections on a 5 mm grid', median(() => backSurface({ stations: six, topline: null }, 5))],
  ['a saddle settles, 4018 cells, cold', median(() => settle(benchJob(800)))],
  ['a saddle settles, 4018 cells, warm', median(() => settle({ ...benchJob(810), warm: cold.pose }))],
  ['stock ranked, 8 saddles in every setting', median(() => rankSaddles(body, stock, school, 50))],
  [
    'whole answer with 100 redraws',
    median(() => frontFit({ section, takes, school, takenAtMm: 50, measured: new Set(['frontSection']), random: seededRandom(1) })),
  ],
];

console.log(`Reference: the even arch found by the plain search, ${plain.toFixed(1)} ms (median of ${ROUNDS}).`);
console.log('Ratios below are against it, in this run, on this machine.\n');
for (const [name, ms] of rows) console.log(`${name.padEnd(44)} ${ms.toFixed(2).padStart(9)} ms   ${(ms / plain).toFixed(3).padStart(8)} x`);
