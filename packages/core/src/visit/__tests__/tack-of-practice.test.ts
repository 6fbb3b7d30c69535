import { type TackCheck } from '../../care';
import { heldOf, tackOnRecord, whyHeld } from '..';

const check = (itemId: string, more: Partial<TackCheck> = {}): TackCheck => ({
  ...{
    id: `of ${itemId}`,
    itemKind: 'saddle',
    itemId,
    madeAt: '2026-11-01T09:00:00.000Z',
    hand: 'Isla',
    source: 'practice',
    round: 'full',
  },
  ...{ found: [], mended: null, fall: null, answers: [], withdrawn: false, ...more },
});
const THINGS = {
  saddles: [{ id: 's', name: 'Bark', kind: 'western' as const }],
  leathers: [{ id: 'l', name: 'Pair', saddleId: null, riderId: 'r', kind: 'looped' }],
  girths: [
    { id: 'g', name: 'Cinch', saddleId: 's', elastic: 'none' },
    { id: 'e', name: 'Band', saddleId: null, elastic: 'both' },
  ],
};
const NOW = { today: '2026-11-02' };

it('each thing is what it is, whatever else its record calls a kind, and belongs where it belongs', () => {
  expect(tackOnRecord(THINGS, [], NOW).map(({ id, item, saddleId, riderId }) => [id, item, saddleId, riderId])).toEqual([
    ['s', { kind: 'saddle', build: 'western' }, null, null],
    ['l', { kind: 'leather', build: 'english' }, null, 'r'],
    ['g', { kind: 'girth', build: 'english', elastic: false }, 's', null],
    ['e', { kind: 'girth', build: 'english', elastic: true }, null, null],
  ]);
});

it('each stands by its own checks, and is held by what holds it', () => {
  const unsafe = check('l', { found: [{ point: 'holes', side: 'off', finding: 'unsafe', note: '' } as never] });
  const fall = check('s', { fall: { horseId: null, wordId: null } });
  const all = tackOnRecord(THINGS, [unsafe, fall], NOW);
  expect(all.map((t) => t.checks.length)).toEqual([1, 1, 0, 0]);
  expect(all.flatMap(heldOf)).toEqual([
    { id: 's', name: 'Bark', why: 'fall' },
    { id: 'l', name: 'Pair', why: 'unsafe' },
  ]);
});

it('what was found is the graver word than a fall, whichever came first', () => {
  expect(whyHeld([{ fell: true }])).toBe('fall');
  for (const holds of [
    [{ fell: true }, { fell: false }],
    [{ fell: false }, { fell: true }],
  ])
    expect(whyHeld(holds)).toBe('unsafe');
});
