import { SCHOOLS, schoolById, schoolReadiness } from '..';

describe('the schools as the trade holds them', () => {
  it.each([
    ['static-close', 50, 50, 36, 54],
    ['shoulder-line', 50, 40, 54, null],
    ['room-to-move', 80, null, 45, null],
    ['panel-first', 45, 45, 36, null],
    ['western', 50, 0, 36, null],
  ] as const)('%s: station %d, tree points %p behind the scapula, withers %d to %p', (id, station, points, least, most) => {
    const school = schoolById(id);
    expect(school.front.stationMm).toBe(station);
    expect(school.criteria.find((c) => c.id === 'treePointBehindScapula')?.valueMm ?? null).toBe(points);
    expect([school.withers.leastMm, school.withers.mostMm]).toEqual([least, most]);
  });

  it('tree points stay 50 mm behind the scapula for static close, as a hard stop', () => {
    const rule = schoolById('static-close').criteria.find((c) => c.id === 'treePointBehindScapula')!;
    expect(rule).toMatchObject({ valueMm: 50, hardStop: true });
  });

  it('with only a front section, each school says what its other rules wait for', () => {
    const measured = new Set(['frontSection'] as const);
    const asRead = SCHOOLS.filter((s) => schoolReadiness(s, measured).frontAsTheSchoolReadsIt).map((s) => s.id);
    expect(asRead).toEqual(['static-close', 'room-to-move', 'panel-first']);
    for (const school of SCHOOLS) {
      const { answerable, waiting } = schoolReadiness(school, measured);
      expect(answerable.length + waiting.length).toBe(school.criteria.length);
      expect(waiting.every((w) => w.missing.length > 0)).toBe(true);
    }
  });
});
