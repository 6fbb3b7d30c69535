import { type HorseSummary } from '@fulcra/contract';
import { yardOrder } from '../yard-order';

const horse = (name: string, lastVisitOn: string | null = null, openVisitId: string | null = null): HorseSummary => ({
  horse: {
    id: name,
    name,
    kind: 'pony',
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
  },
  lastVisitOn,
  openVisitId,
  inUse: { saddle: null, leathers: [] },
  outline: [],
});
const YARD = [horse('Zoë', '2026-01-01'), horse('Ash', '2026-05-05'), horse('Marl', null, 'v')];
const names = (search: string, order: 'name' | 'visited') => yardOrder(YARD, search, order).map((s) => s.horse.name);

describe('the yard list', () => {
  it('puts what is under way first, then names, or last visits', () => {
    expect(names('', 'name')).toEqual(['Marl', 'Ash', 'Zoë']);
    expect(names('', 'visited')).toEqual(['Marl', 'Ash', 'Zoë']);
  });

  it('finds without accents and in any case', () => {
    expect(names('ZOE', 'name')).toEqual(['Zoë']);
    expect(names('pony', 'name')).toHaveLength(3);
    expect(names('unicorn', 'name')).toEqual([]);
  });
});
