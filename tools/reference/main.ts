import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { format, resolveConfig } from 'prettier';
import { askTheReference } from './ask';

/** Asks SciPy, compares, and with --write keeps its answers for the tests. */
const ANSWERS = fileURLToPath(new URL('../../packages/core/src/sit/contact/__tests__/reference-answers.json', import.meta.url));
const AGREE = 1e-4;
const compared = askTheReference();
if (compared === null) {
  console.log('python3 with numpy and scipy is not installed here; nothing was compared (apt-get install python3-numpy python3-scipy)');
} else {
  const found = compared.filter((c) => c.found);
  const both = compared.filter((c) => c.apart < Infinity);
  const median = (values: number[]): number => values.sort((a, b) => a - b)[values.length >> 1]!;
  console.log(`${compared.length} problems; it found a rest in ${found.length}, the same verdict in ${both.length}`);
  for (const c of compared.filter((x) => x.apart === Infinity))
    console.log(`  ${c.name}: ${c.found ? 'only it found a rest' : 'only the engine found a rest'}`);
  const worst = Math.max(...both.map((c) => c.apart));
  console.log(`greatest difference ${worst.toExponential(1)} (mm, or relative in pressure; wanted ${AGREE})`);
  console.log(
    `one solve, median: ours ${median(compared.map((c) => c.oursMs)).toFixed(2)} ms, general root finder ${median(compared.map((c) => c.ms)).toFixed(1)} ms`,
  );
  if (process.argv.includes('--write')) {
    const kept = both.filter((c) => c.found).map(({ name, ways, hardestKPa, carriedN }) => ({ name, ways, hardestKPa, carriedN }));
    writeFileSync(ANSWERS, await format(JSON.stringify(kept), { ...(await resolveConfig(ANSWERS)), parser: 'json' }));
  }
  if (!(worst < AGREE)) process.exit(1);
}
