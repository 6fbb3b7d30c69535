import { performance } from 'node:perf_hooks';
import {
  evenArch,
  frontFit,
  paddingOfSchool,
  prepareSection,
  rankSaddles,
  recommendFront,
  schoolById,
  seededRandom,
  takesAgreement,
} from '@fulcra/core';
import { DEMO_ANIMALS, DEMO_SADDLES, demoSection, frontTakes } from '@fulcra/demo';
import { readTakes } from '@fulcra/core';
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
const stock = DEMO_SADDLES.map(({ id, front }) => ({ id, front }));

/** The same question answered the plain way: every half degree, every segment, bisection. */
const plain = median(() => plainEvenAngle(section, 'round', 170, padding));

const rows: readonly (readonly [string, number])[] = [
  ['even arch, one shape', median(() => evenArch(body, 'round', 170, padding))],
  ['front recommended, three shapes', median(() => recommendFront(body, school, 170, padding))],
  ['agreement of five takes', median(() => takesAgreement(five))],
  ['stock ranked, 7 saddles in every setting', median(() => rankSaddles(body, stock, school, 50))],
  [
    'whole answer with 100 redraws',
    median(() => frontFit({ section, takes, school, takenAtMm: 50, measured: new Set(['frontSection']), random: seededRandom(1) })),
  ],
];

console.log(`Reference: the even arch found by the plain search, ${plain.toFixed(1)} ms (median of ${ROUNDS}).`);
console.log('Ratios below are against it, in this run, on this machine.\n');
for (const [name, ms] of rows) console.log(`${name.padEnd(44)} ${ms.toFixed(2).padStart(9)} ms   ${(ms / plain).toFixed(3).padStart(8)} x`);
