import { writeFileSync } from 'node:fs';
import { ENTITIES } from '../../apps/server/src/entities';
import { dataModelSvg } from './picture';

const PAGE = new URL('../../docs/data-model.svg', import.meta.url).pathname;
writeFileSync(PAGE, dataModelSvg(ENTITIES as never));
console.log(`${PAGE} written`);
