import { type EndedVisit, NOTHING_IN_USE, inUseAfter, saddleInUse, tackInUse } from '../tack-in-use';
import { type RecordedFact } from '../recorded';

const fact = (id: string, body: object): RecordedFact => ({ id, hand: 'Isla', withdrawn: false, body: body as RecordedFact['body'] });
const chose = (saddleId: string, id = `t-${saddleId}`) => [
  fact(id, { kind: 'triedSetting', saddleId, missed: [], score: 90 }),
  fact(`c-${id}`, { kind: 'chosenSetting', triedId: id, note: '' }),
];
const visit = (id: string, on: string, more: Partial<EndedVisit> = {}): EndedVisit => ({ id, on, facts: [], decision: null, ...more });
const decided = (id: string, on: string, saddleId: string | null) => visit(id, on, { decision: { id: `d-${id}`, saddleId } });

describe('the saddle in use', () => {
  it('is what the last visit that decided one decided: an empty visit, and a width without a saddle, leave it as it was', () => {
    const first = decided('a', '2026-01-01', 'breaker');
    const stands = { saddleId: 'breaker', decidedBy: 'd-a', visitId: 'a', since: '2026-01-01' };
    expect(saddleInUse([first])).toEqual(stands);
    expect(saddleInUse([first, visit('b', '2026-02-01'), decided('c', '2026-03-01', null)])).toEqual(stands);
    expect(saddleInUse([first, decided('b', '2026-02-01', 'holm')])!.saddleId).toBe('holm');
    expect(saddleInUse([])).toBeNull();
  });

  it('a chosen setting says it before the decision of the same visit does', () => {
    const both = visit('a', '2026-01-01', { facts: chose('holm'), decision: { id: 'd', saddleId: 'breaker' } });
    expect(saddleInUse([both])).toMatchObject({ saddleId: 'holm', decidedBy: 't-holm' });
  });

  it('a person says otherwise, in a saddle or in none, until another decision', () => {
    const first = decided('a', '2026-01-01', 'breaker');
    const said = { saddleId: 'own', insteadOf: 'd-a', by: 'Isla', on: '2026-01-20' };
    expect(saddleInUse([first], said)).toEqual({ saddleId: 'own', decidedBy: null, visitId: null, since: '2026-01-20' });
    expect(saddleInUse([first, visit('b', '2026-02-01')], said)!.saddleId).toBe('own');
    expect(saddleInUse([first], { ...said, saddleId: null })).toBeNull();
    // decided again, though on an earlier day by the calendar: what it replaced no longer stands
    expect(saddleInUse([visit('a', '2026-01-01', { decision: { id: 'later', saddleId: 'holm' } })], said)!.saddleId).toBe('holm');
  });

  it('what is said of a horse that nothing was decided of stands until something is', () => {
    const said = { saddleId: 'own', insteadOf: null, by: 'Isla', on: '2026-01-20' };
    expect(saddleInUse([visit('a', '2026-01-01')], said)!.saddleId).toBe('own');
    expect(saddleInUse([decided('a', '2026-01-01', 'holm')], said)!.saddleId).toBe('holm');
  });
});

describe('tack in use', () => {
  const holes = (riderId: string, leatherId: string) =>
    fact(`h-${leatherId}`, { kind: 'leatherHoles', riderId, leatherId, saddleId: null, lines: [] });
  const beside = [
    { id: 'girth', saddleId: 'breaker' },
    { id: 'other girth', saddleId: 'holm' },
    { id: 'saddle pair', saddleId: 'breaker', riderId: null },
    { id: 'ann one', saddleId: null, riderId: 'ann' },
    { id: 'ann two', saddleId: null, riderId: 'ann' },
    { id: 'bo', saddleId: null, riderId: 'bo' },
    { id: 'nobody', saddleId: null, riderId: null },
  ];
  const first = decided('a', '2026-01-01', 'breaker');

  it('is the saddle, what belongs to it, and the riders’ own leathers', () => {
    expect([...tackInUse(inUseAfter([first]), ['ann'], beside)].sort()).toEqual(['ann one', 'ann two', 'breaker', 'girth', 'saddle pair']);
    expect([...tackInUse(NOTHING_IN_USE, [], beside)]).toEqual([]);
  });

  it('of a rider whose holes were kept, the pair they were kept for last, at whichever visit', () => {
    const kept = [
      { ...first, facts: [holes('ann', 'ann one'), holes('bo', 'bo')] },
      visit('b', '2026-02-01', { facts: [holes('ann', 'ann two')] }),
    ];
    const use = inUseAfter([...kept, visit('c', '2026-03-01')]);
    expect(use.leathers).toEqual([
      { riderId: 'ann', leatherId: 'ann two' },
      { riderId: 'bo', leatherId: 'bo' },
    ]);
    const ids = tackInUse(use, ['ann'], beside);
    expect([ids.has('ann two'), ids.has('ann one'), ids.has('bo'), ids.has('nobody')]).toEqual([true, false, false, false]);
  });
});
