import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Worker } from 'node:worker_threads';
import { build } from 'esbuild';
import { askTheReference } from '../reference/ask';

/** The engine in a worker thread, bundled as it ships; then held against a general root finder where that is installed. */
const root = fileURLToPath(new URL('../..', import.meta.url));
const outfile = join(mkdtempSync(join(tmpdir(), 'fulcra-bench-')), 'sit.worker.mjs');
await build({
  entryPoints: [join(root, 'tools/bench/sit.worker.ts')],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  logLevel: 'error',
  alias: Object.fromEntries(['core', 'contract', 'demo'].map((n) => [`@fulcra/${n}`, join(root, `packages/${n}/src/index.ts`)])),
});
const times = await new Promise<Record<string, { readonly ms: number; readonly processorMs: number }>>((resolve, reject) => {
  const worker = new Worker(outfile);
  worker.once('message', resolve);
  worker.once('error', reject);
});
const reference = times['one solve, 4018 cells, cold']!.ms;
console.log(`\nIn a worker. Reference: one cold solve, ${reference.toFixed(2)} ms.\n`);
for (const [name, { ms, processorMs }] of Object.entries(times)) {
  const took = `${ms.toFixed(2).padStart(9)} ms ${processorMs.toFixed(2).padStart(9)} ms of processor`;
  console.log(`${name.padEnd(46)} ${took}   ${(ms / reference).toFixed(3).padStart(8)} x`);
}
const compared = askTheReference();
if (compared === null) console.log('\nNo general root finder here (python3-numpy, python3-scipy): not compared.');
else {
  const median = (values: number[]): number => values.sort((a, b) => a - b)[values.length >> 1]!;
  const [ours, theirs] = [median(compared.map((c) => c.oursMs)), median(compared.map((c) => c.ms))];
  console.log(`\nAgainst a general root finder on the same ${compared.length} problems, median of one solve:`);
  console.log(`ours ${ours.toFixed(2)} ms, theirs ${theirs.toFixed(2)} ms: ${(theirs / ours).toFixed(1)} x`);
  console.log(`greatest difference of ways and pressure: ${Math.max(...compared.map((c) => c.apart)).toExponential(1)}`);
}
