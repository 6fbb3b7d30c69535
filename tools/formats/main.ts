import { writeFileSync } from 'node:fs';
import { format, resolveConfig } from 'prettier';
import { saddleFileJsonSchema } from '@fulcra/contract';

const PAGE = new URL('../../docs/saddles-file.schema.json', import.meta.url).pathname;
writeFileSync(PAGE, await format(JSON.stringify(saddleFileJsonSchema()), { ...(await resolveConfig(PAGE)), parser: 'json' }));
console.log(`${PAGE} written`);
