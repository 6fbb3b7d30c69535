import { type Trait } from '../../shape';
import { consequencesOf } from '../consequences';
import { type DatedFact } from '../dated-facts';

const said = (field: DatedFact['field'], value: string, on = '2026-05-01'): DatedFact => ({ field, value, on, now: true });
const trait = (id: Trait['trait'], value: Trait['value']): Trait => ({ trait: id, value, source: { from: 'chosen', factId: 'f' } });
const codes = (facts: readonly DatedFact[], traits: readonly Trait[] = []) => consequencesOf(facts, traits).map((c) => c.code);

describe('what follows from how the horse is just now', () => {
  it.each([
    ['timeOff', 'none', []],
    ['timeOff', 'weeks', ['TIME_OFF']],
    ['timeOff', 'longer', ['TIME_OFF']],
    ['coat', 'summer', []],
    ['coat', 'winter', []],
    ['coat', 'clipped', ['CLIPPED']],
    ['temperament', 'calm', []],
    ['temperament', 'watchful', ['HANDLE_WITH_CARE']],
    ['temperament', 'sharp', ['HANDLE_WITH_CARE']],
    ['work', 'hard', []],
  ] as const)('%s %s: %j', (field, value, expected) => expect(codes([said(field, value)])).toEqual(expected));

  it('the last that was said counts', () => {
    expect(codes([said('coat', 'clipped', '2026-01-01'), said('coat', 'summer')])).toEqual([]);
    expect(codes([said('coat', 'summer'), said('coat', 'clipped', '2026-01-01')])).toEqual([]);
  });

  it.each([
    ['weakNear', 'months', 'near', false],
    ['weakOff', 'longer', 'off', false],
    ['even', 'months', null, true],
    ['even', 'longer', null, true],
    ['even', 'weeks', null, false],
  ] as const)('muscle %s after %s off: the %s side first; to be looked for: %s', (value, away, weakerSide, lookForWeaker) =>
    expect(consequencesOf([said('timeOff', away)], [trait('muscle', value)])).toEqual([
      { code: 'TIME_OFF', away, weakerSide, lookForWeaker },
    ]),
  );

  it('a bare spine is read off its measure or the choice; care comes first', () => {
    expect(codes([], [trait('spine', 'bare')])).toEqual(['BARE_SPINE']);
    expect(codes([], [trait('spine', 'broad')])).toEqual([]);
    expect(codes([said('coat', 'clipped'), said('temperament', 'sharp')], [trait('spine', 'bare')])).toEqual([
      'HANDLE_WITH_CARE',
      'CLIPPED',
      'BARE_SPINE',
    ]);
  });
});
