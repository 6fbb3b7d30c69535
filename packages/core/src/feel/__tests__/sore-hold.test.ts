import { type Feeling, spotState, soreHold } from '..';

const spot = { place: 'loin', side: 'near' } as const;
const felt = (id: string, more: Partial<Feeling>): Feeling => ({ id, spots: [spot], pass: 'light', reaction: 'none', signs: [], ...more });

describe('the graded passes', () => {
  it('unlock one after the other while nothing reacts', () => {
    expect(spotState(spot, [])).toMatchObject({ last: null, next: 'light' });
    expect(spotState(spot, [felt('1', {})])).toMatchObject({ last: 'light', next: 'medium' });
    expect(spotState(spot, [felt('1', {}), felt('2', { pass: 'medium' })])).toMatchObject({ next: 'firm' });
    expect(spotState(spot, [felt('1', {}), felt('2', { pass: 'medium' }), felt('3', { pass: 'firm' })])).toMatchObject({ next: null });
  });

  it('stop at a reaction, for that spot alone', () => {
    const feelings = [felt('1', { reaction: 'flinch' })];
    expect(spotState(spot, feelings)).toMatchObject({ reaction: 'flinch', next: null });
    expect(spotState({ place: 'loin', side: 'off' }, feelings)).toMatchObject({ next: 'light' });
  });
});

describe('the sore hold', () => {
  it.each([
    ['nothing felt', { reaction: 'none' }, 'clear'],
    ['a flinch under a light hand', { reaction: 'flinch' }, 'held'],
    ['a flinch under a medium hand', { reaction: 'flinch', pass: 'medium' }, 'held'],
    ['a flinch under a firm hand', { reaction: 'flinch', pass: 'firm' }, 'clear'],
    ['a dip under a firm hand', { reaction: 'dip', pass: 'firm' }, 'held'],
    ['guarding', { reaction: 'guard', pass: 'firm' }, 'held'],
    ['aggression', { reaction: 'aggression', pass: 'firm' }, 'held'],
    ['heat', { signs: ['heat'] }, 'held'],
    ['swelling', { signs: ['swelling'] }, 'held'],
    ['open skin', { signs: ['openSkin'] }, 'held'],
    ['an old scar', { signs: ['scar'] }, 'clear'],
    ['white hair and ruffled hair', { signs: ['whiteHair', 'ruffled'] }, 'clear'],
  ] as const)('%s: %j is %s', (_, more, state) => {
    expect(soreHold([felt('f', more as Partial<Feeling>)], []).state).toBe(state);
  });

  it('is cleared by a named person for what they knew of, and holds again for what comes later', () => {
    const first = felt('a', { signs: ['heat'] });
    const clearance = { by: 'R. Vane, veterinary surgeon', reason: 'Seen today; fly bite.', clears: ['a'] };
    expect(soreHold([first], [clearance])).toMatchObject({ state: 'cleared', reasons: [{ code: 'SKIN', sign: 'heat' }] });
    expect(soreHold([first, felt('b', { reaction: 'guard' })], [clearance])).toMatchObject({
      state: 'held',
      reasons: [{ feelingId: 'b' }],
      clearances: [clearance],
    });
  });
});
