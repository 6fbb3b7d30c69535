import { needPackages } from '../machine/packages.mjs';
import { ROOT } from '../machine/root.mjs';
import { run } from '../machine/shell.mjs';

needPackages();
process.exit(run(process.execPath, ['--import', 'tsx', 'tools/bench/front.bench.ts'], { cwd: ROOT }));
