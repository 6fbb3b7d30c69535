import { needPackages } from '../machine/packages.mjs';
import { ROOT } from '../machine/root.mjs';
import { run } from '../machine/shell.mjs';

needPackages();
const benches = ['front', 'sit', 'slider'];
const codes = benches.map((name) => run(process.execPath, ['--import', 'tsx', `tools/bench/${name}.bench.ts`], { cwd: ROOT }));
process.exit(Math.max(...codes.map((code) => code ?? 1)));
