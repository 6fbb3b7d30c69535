import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { fileURLToPath } from 'node:url';
import { type ContactProblem, FREEDOMS, restOf } from '@fulcra/core';
import { referenceProblem } from '../../packages/core/src/sit/contact/__tests__/any-problem';

/** What the other program says of one problem. */
export interface Theirs {
  readonly name: string;
  readonly found: boolean;
  /** In the order of FREEDOMS: mm, turns in radians. */
  readonly ways: readonly number[];
  readonly hardestKPa: number;
  readonly carriedN: number;
  readonly ms: number;
}

export interface Compared extends Theirs {
  readonly oursMs: number;
  /** Greatest difference: ways in mm (turns over 100 mm), pressure relative. */
  readonly apart: number;
}

const KINDS = [
  ['rigid', 40],
  ['gives', 30],
  ['saddle', 60],
] as const;

/** Names of the problems: made-up cells under a rigid and a giving tree, and saddles on invented horses. */
export const REFERENCE_NAMES = KINDS.flatMap(([kind, count]) => Array.from({ length: count }, (_, i) => `${kind} ${i + 1}`));

/** Every problem solved by both; null where Python with NumPy and SciPy isn't installed. */
export function askTheReference(): Compared[] | null {
  if (spawnSync('python3', ['-c', 'import numpy, scipy']).status !== 0) return null;
  const named = REFERENCE_NAMES.flatMap((name): (readonly [string, ContactProblem])[] => {
    const problem = referenceProblem(name);
    return problem === null ? [] : [[name, problem]];
  });
  const file = join(mkdtempSync(join(tmpdir(), 'fulcra-reference-')), 'problems.json');
  writeFileSync(
    file,
    JSON.stringify(
      named.map(([name, problem]) => ({ name, ...problem })),
      (_, v: unknown) => (v instanceof Float64Array ? [...v] : v),
    ),
  );
  const script = fileURLToPath(new URL('./rest.py', import.meta.url));
  const theirs = JSON.parse(execFileSync('python3', [script, file], { encoding: 'utf8', maxBuffer: 1e8 })) as Theirs[];
  return theirs.map((t, i) => ({ ...t, ...heldAgainst(named[i]![1], t) }));
}

const ROUNDS = 5;

function heldAgainst(problem: ContactProblem, theirs: Theirs): Pick<Compared, 'oursMs' | 'apart'> {
  const times: number[] = [];
  let ours = restOf(problem);
  for (let i = 0; i < ROUNDS; i++) {
    const began = performance.now();
    ours = restOf(problem);
    times.push(performance.now() - began);
  }
  const oursMs = times.sort((a, b) => a - b)[ROUNDS >> 1]!;
  if (ours.balanced !== theirs.found) return { oursMs, apart: Infinity };
  if (!theirs.found) return { oursMs, apart: 0 };
  const ways = FREEDOMS.map((f, i) => Math.abs(ours.ways[f] - theirs.ways[i]!) * (i < 3 ? 1 : 100));
  const hardest = ours.pressureKPa.reduce((m, p) => Math.max(m, p), 0);
  return { oursMs, apart: Math.max(...ways, Math.abs(hardest / theirs.hardestKPa - 1)) };
}
