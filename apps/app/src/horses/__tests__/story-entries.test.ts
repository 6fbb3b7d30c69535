import { type Story } from '@fulcra/contract';
import { moveWords, foretoldWords } from '../../words/story-phrases';
import { storyEntries } from '../story-entries';

const visit = (visitId: string, on: string, outline: boolean) =>
  ({ visitId, on, outline: outline ? [{ yMm: 0, zMm: 0 }] : [] }) as unknown as Story['visits'][number];
const check = (id: string, madeAt: string) => ({ id, madeAt }) as Story['tack'][number];
const STORY = {
  visits: [visit('a', '2026-01-05', true), visit('b', '2026-02-05', false), visit('c', '2026-03-05', true)],
  tack: [check('t', '2026-02-05T08:00:00.000Z'), check('u', '2026-01-01T08:00:00.000Z')],
  words: [{ id: 'w', madeAt: '2026-02-20T08:00:00.000Z' }],
} as unknown as Story;

it('everything stands in the order in which it happened; on one day the visit first', () => {
  expect(storyEntries(STORY).map((e) => e.key)).toEqual(['u', 'a', 'b', 't', 'w', 'c']);
});

it('an outline lies over the last one that was taken, not over a visit without', () => {
  const before = storyEntries(STORY).flatMap((e) => (e.kind === 'visit' ? [[e.key, e.before?.visitId ?? null]] : []));
  expect(before).toEqual([
    ['a', null],
    ['b', 'a'],
    ['c', 'a'],
  ]);
});

it('moves are told with their signs, and what wasn’t measured isn’t told', () => {
  expect(moveWords({ witherMm: 4.4, frontMm: -6, strapsBack: 1, improving: true })).toMatch(/withers \+4 mm, front −6.0 mm, straps 1 back/);
  expect(moveWords({ witherMm: null, frontMm: null, strapsBack: null, improving: false })).toMatch(/not measured/);
  expect(moveWords({ witherMm: -2, frontMm: null, strapsBack: -0.5, improving: false })).toMatch(/withers −2 mm, straps 0.5 forward/);
  expect(foretoldWords({ day: 1, dates: 4, expected: 2, least: 1, most: 3, came: 4, held: false })).toMatch(/came 4.0 mm: not as foretold/);
});
