import { type FeltSpot, type Feeling, nextPassUnder, spotState } from '..';

const LOIN: FeltSpot = { place: 'loin', side: 'off' };
const felt = (pass: Feeling['pass'], spot = LOIN): Feeling => ({ id: pass, spots: [spot], pass, reaction: 'none', signs: [] });

it.each([
  ['nothing felt yet', [], 'light', 'light'],
  ['the light hand brought nothing', [felt('light')], 'medium', null],
  ['the medium one too', [felt('light'), felt('medium')], 'firm', null],
  ['all three', [felt('light'), felt('medium'), felt('firm')], null, null],
] as const)('%s: next is %s, under a hold %s', (_, feelings, free, held) => {
  expect(nextPassUnder(LOIN, feelings, false)).toBe(free);
  expect(nextPassUnder(LOIN, feelings, true)).toBe(held);
  expect(spotState(LOIN, feelings).next).toBe(free);
});
