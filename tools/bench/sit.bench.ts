import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Worker } from 'node:worker_threads';
import { build } from 'esbuild';
import { compareWithReference } from '../reference/compare';

/** The engine in a worker thread, bundled as it ships; then held against a general optimiser where that is installed. */
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
const times = await new Promise<Record<string, number>>((resolve, reject) => {
  const worker = new Worker(outfile);
  worker.once('message', resolve);
  worker.once('error', reject);
});
const reference = times['one solve, 4018 cells, cold']!;
console.log(`\nIn a worker. Reference: one cold solve, ${reference.toFixed(2)} ms.\n`);
for (const [name, ms] of Object.entries(times)) {
  console.log(`${name.padEnd(44)} ${ms.toFixed(2).padStart(9)} ms   ${(ms / reference).toFixed(3).padStart(8)} x`);
}
const compared = compareWithReference();
if (compared === null) console.log('\nNo general optimiser here (python3-numpy, python3-scipy): not compared.');
else {
  console.log(`\nAgainst a general optimiser on the same ${compared.cases} cases, median of one solve:`);
  console.log(
    `ours ${compared.oursMs.toFixed(2)} ms, theirs ${compared.theirsMs.toFixed(2)} ms: ${(compared.theirsMs / compared.oursMs).toFixed(1)} x`,
  );
  console.log(`greatest relative difference of pose and pressure: ${compared.worst.toExponential(1)}`);
}
