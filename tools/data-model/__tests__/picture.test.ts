import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ENTITIES } from '../../../apps/server/src/entities';
import { dataModelSvg, tablesOf } from '../picture';

it('docs/data-model.svg is what the entities say today: made, not drawn', () => {
  const kept = readFileSync(join(__dirname, '../../../docs/data-model.svg'), 'utf8');
  expect(kept).toBe(dataModelSvg(ENTITIES as never));
});

it('a table leads to what its ids name, and people by the part they play', () => {
  const tables = new Map(tablesOf(ENTITIES as never).map((t) => [t.name, t]));
  expect(tables.get('visit')!.leadsTo).toEqual(expect.arrayContaining(['practice', 'horse', 'person']));
  expect(tables.get('practice')!.leadsTo).toEqual([]);
});
