import { type Fact, type TakeRecord } from '@fulcra/contract';
import { CROWN_RADIUS_MM, type PresentTree, fitsOfHorse, schoolById } from '@fulcra/core';
import { keptFits } from '../../src/calendar/kept-fits';

const take = (id: string, near: number): TakeRecord => ({
  id,
  visitId: 'v',
  station: 'front',
  takenAtMm: 50,
  takenAt: '2026-11-20T09:00:00.000Z',
  hand: 'Isla',
  withdrawn: false,
  reading: {
    kind: 'widths',
    widths: [
      { depthMm: 60, nearMm: near, offMm: 72 },
      { depthMm: 120, nearMm: near + 55, offMm: 127 },
    ],
  },
});
const visit = (id: string, takes: TakeRecord[], facts: Fact[] = []) => ({ id, on: '2026-11-20', visit: { stationMm: 50 }, takes, facts });
const tree = (includedAngleDeg: number): PresentTree => ({
  arch: { shape: 'round', crownRadiusMm: CROWN_RADIUS_MM.round, includedAngleDeg, pointLengthMm: 170 },
  chosen: null,
});
const school = schoolById('static-close');
const one = async (...asked: Parameters<typeof keptFits>) => (await keptFits(...asked))[0]!;

describe('fits of a visit that are kept', () => {
  it('are those the core gives, and worked out once', async () => {
    const visits = [visit('a', [take('t1', 70)]), visit('b', [take('t2', 74)])];
    const first = await keptFits(visits, tree(92), school);
    expect(first).toEqual(fitsOfHorse(visits, tree(92), school));
    const again = await keptFits(visits, tree(92), school);
    expect(again.map((fit, i) => fit === first[i])).toEqual([true, true]);
  });

  it.each([
    ['a take more', { visits: [visit('a', [take('t1', 70), take('t3', 74)])] }],
    ['a take withdrawn', { visits: [visit('a', [take('t1', 70), { ...take('t3', 74), withdrawn: true }])] }],
    ['another day', { visits: [{ ...visit('a', [take('t1', 70)]), on: '2026-11-21' }] }],
    ['another front', { visits: [{ ...visit('a', [take('t1', 70)]), visit: { stationMm: 55 } }] }],
    ['another tree', { tree: tree(93) }],
    ['another version of the school', { school: { ...school, version: school.version + 1 } }],
  ])('are worked out anew for %s', async (_, changed) => {
    const asked = { visits: [visit('a', [take('t1', 70)])], tree: tree(92), school, ...changed };
    const before = await one([visit('a', [take('t1', 70)])], tree(92), school);
    const after = await one(asked.visits, asked.tree, asked.school);
    expect(after).not.toBe(before);
    expect(after).toEqual(fitsOfHorse(asked.visits, asked.tree, asked.school)[0]);
  });
});
