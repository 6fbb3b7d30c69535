import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { referenceCases } from './cases';

interface Theirs {
  readonly name: string;
  readonly heaveMm: number;
  readonly pitchSlope: number;
  readonly rollSlope: number;
  readonly peakKPa: number;
  readonly meanKPa: number;
  readonly ms: number;
}

export interface Comparison {
  readonly cases: number;
  /** Greatest relative difference over all cases: of pressures, and of the pose over what a saddle sinks (25 mm) and tilts (8 degrees). */
  readonly worst: number;
  readonly oursMs: number;
  readonly theirsMs: number;
}

/** Relative to at least this, so that a roll of nothing isn't divided by nothing. */
const SCALE = { heaveMm: 25, slope: Math.tan((8 * Math.PI) / 180) } as const;

/** Fifty cases solved by both; null where Python with NumPy and SciPy isn't installed. */
export function compareWithReference(): Comparison | null {
  if (spawnSync('python3', ['-c', 'import numpy, scipy']).status !== 0) return null;
  const cases = referenceCases();
  const file = join(mkdtempSync(join(tmpdir(), 'fulcra-reference-')), 'cases.json');
  writeFileSync(file, JSON.stringify(cases));
  const script = fileURLToPath(new URL('./settle.py', import.meta.url));
  const theirs = JSON.parse(execFileSync('python3', [script, file], { encoding: 'utf8', maxBuffer: 1e8 })) as Theirs[];
  const relative = (a: number, b: number, least: number): number => Math.abs(a - b) / Math.max(least, Math.abs(b));
  const worst = cases.map(({ ours }, i) => {
    const t = theirs[i]!;
    return Math.max(
      relative(ours.heaveMm, t.heaveMm, SCALE.heaveMm),
      relative(ours.pitchSlope, t.pitchSlope, SCALE.slope),
      relative(ours.rollSlope, t.rollSlope, SCALE.slope),
      relative(ours.peakKPa, t.peakKPa, 1),
      relative(ours.meanKPa, t.meanKPa, 1),
    );
  });
  const median = (values: number[]): number => values.sort((a, b) => a - b)[values.length >> 1]!;
  return {
    cases: cases.length,
    worst: Math.max(...worst),
    oursMs: median(cases.map((c) => c.ours.ms)),
    theirsMs: median(theirs.map((t) => t.ms)),
  };
}
