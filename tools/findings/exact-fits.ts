import { writeFileSync } from 'node:fs';
import { format, resolveConfig } from 'prettier';
import { exactBenchPage } from '@fulcra/demo';

const PAGE = new URL('../../docs/exact-fits.md', import.meta.url).pathname;
writeFileSync(PAGE, await format(exactBenchPage(), { ...(await resolveConfig(PAGE)), parser: 'markdown' }));
console.log(`${PAGE} written`);
