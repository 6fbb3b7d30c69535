import { writeFileSync } from 'node:fs';
import { format, resolveConfig } from 'prettier';
import { findingsPage } from '@fulcra/demo';

const PAGE = new URL('../../docs/demo-findings.md', import.meta.url).pathname;
writeFileSync(PAGE, await format(findingsPage(), { ...(await resolveConfig(PAGE)), parser: 'markdown' }));
console.log(`${PAGE} written`);
