import { QueryClient } from '@tanstack/react-query';
import { type VisitPage, type Write, NEW_RIDER } from '@fulcra/contract';
import { type FoldContext } from '../fold-context';
import { knownHorse } from '../known-horse';
import { applyWrites, viewsOf } from '../view-folds';

const horse = {
  name: 'Marl',
  kind: '',
  bornYear: null,
  heightMm: null,
  note: '',
  sex: 'unknown' as const,
  riderIds: [],
  ownerId: null,
  payerId: null,
  yardId: null,
  ridesIn: null,
  gone: null,
};
const addHorse: Write = { kind: 'horse', horseId: 'h', body: horse };
const startVisit: Write = {
  kind: 'visit',
  visitId: 'v',
  body: { horseId: 'h', startedOn: '2026-11-20', schoolId: 'static-close', stationMm: 50, status: 'open', note: '', result: null },
};
const fact: Write = {
  kind: 'fact',
  visitId: 'v',
  factId: 'f',
  body: { madeAt: '2026-11-20T09:00:00.000Z', body: { kind: 'cautionsShown' } },
};
const withYard = () => {
  const queries = new QueryClient();
  queries.setQueryData(['horses', '', 'name'], { pages: [{ underWay: [], horses: [], next: null, total: 0 }], pageParams: [0] });
  return queries;
};
const contextOf = (queries: QueryClient, writes: readonly Write[]): FoldContext => ({
  person: 'Isla',
  horseKnown: (id) => knownHorse(queries, writes, id),
});
const taken = (queries: QueryClient, writes: readonly Write[]) => applyWrites(queries, writes, contextOf(queries, writes));

describe('writes that the server has taken', () => {
  it('of a visit begun here: its page is there without a gap, and grows with what follows', async () => {
    const queries = withYard();
    for (const writes of [[addHorse], [startVisit], [fact]]) await taken(queries, writes);
    const page = queries.getQueryData<VisitPage>(['visit', 'v'])!;
    expect(page.horse).toMatchObject({ id: 'h', name: 'Marl' });
    expect([page.visit.fitter, page.facts.map((f) => f.id)]).toEqual(['Isla', ['f']]);
  });

  it('a horse added here is remembered with its page, also where no yard was read', async () => {
    const queries = new QueryClient();
    await taken(queries, [addHorse]);
    await taken(queries, [startVisit]);
    expect(queries.getQueryData(['horse', 'h'])).toMatchObject({ horse: { name: 'Marl' }, visits: [{ visit: { id: 'v' } }] });
    expect(queries.getQueryData(['visit', 'v'])).toMatchObject({ horse: { name: 'Marl' } });
  });

  it('nothing is made up of what isn’t known: a visit of an unknown horse, a finding of an unread visit', async () => {
    const queries = new QueryClient();
    await taken(queries, [startVisit, fact]);
    expect(queries.getQueryData(['visit', 'v'])).toBeUndefined();
  });

  it('touch only the views their records name', () => {
    expect(viewsOf([fact]).sort()).toEqual(['tracings', 'visit']);
    expect(viewsOf([addHorse, { kind: 'rider', riderId: 'r', body: { ...NEW_RIDER, name: 'A' } }]).sort()).toEqual([
      'due',
      'horse',
      'horses',
      'riders',
      'visit',
    ]);
  });
});
