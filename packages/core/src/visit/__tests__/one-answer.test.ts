import { presentSetup } from '../../saddle';
import { SCHOOLS, schoolById } from '../../schools';
import { assess, betterOf, compareSettings, rankStock } from '../../search';
import { seededRandom } from '../../random';
import { CELL_MM } from '../../sit';
import { PLAIN_HORSE, anyHorse, inputOf, saddleFor } from '../../sit/__tests__/invented-horses';
import { ReadyBody, fitBenchOf } from '../ready-body';
import { type SitAsked } from '../sit-picture';
import { QUICK, neighboursOf } from '../sit-questions';

const saddle = saddleFor(90);
const RIDER = { massKg: 75, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' as const };
const asked = (change: Partial<SitAsked> = {}): SitAsked => ({
  saddle,
  setup: presentSetup(saddle, 50),
  rider: RIDER,
  pose: 'resting',
  strapPullN: 40,
  school: schoolById('static-close'),
  ...change,
});
/** Where it bears ends at a cell: half of one of the search's and half of one of the picture's. */
const HALF_CELLS_MM = (CELL_MM.search + CELL_MM.picture) / 2;
const random = seededRandom(8);
const HORSES = [PLAIN_HORSE, ...Array.from({ length: 3 }, () => anyHorse(random))].map((n) => new ReadyBody(inputOf(n)));

describe('no two screens contradict each other', () => {
  it('a school says the same of a saddle whichever school was chosen', () => {
    for (const ready of HORSES.slice(0, 2)) {
      const pictures = SCHOOLS.map((s) => QUICK.sit(ready, asked({ school: s })));
      const said = (of: (typeof pictures)[number], id: string) => (of.ok ? of.value.verdicts.find((v) => v.schoolId === id) : null);
      for (const school of SCHOOLS) for (const picture of pictures) expect(said(picture, school.id)).toEqual(said(pictures[0]!, school.id));
    }
  });

  it('the room and the search judge one setting alike: same stops, same verdicts, numbers as near as their cells', () => {
    let compared = 0;
    for (const ready of HORSES) {
      const picture = QUICK.sit(ready, asked());
      if (!picture.ok || !ready.body.ok) continue;
      const found = assess(fitBenchOf(ready, ready.body.value, asked()), saddle, asked().setup);
      if (!found.ok) continue;
      compared++;
      const [room] = picture.value.verdicts;
      for (const [i, row] of room!.rows.entries()) {
        const searched = found.value.resting.rows[i]!;
        expect([searched.id, searched.stops, searched.error]).toEqual([row.id, row.stops, row.error]);
        if (row.unit === 'mm' && row.value !== null) expect(Math.abs(searched.value! - row.value)).toBeLessThanOrEqual(HALF_CELLS_MM);
      }
    }
    expect(compared).toBeGreaterThan(1);
  });

  it.each(['resting', 'lifted'] as const)('one setting has one score, in the room (%s) as in the search', (pose) => {
    for (const ready of HORSES) {
      const picture = QUICK.sit(ready, asked({ pose }));
      if (!picture.ok || !ready.body.ok) continue;
      const found = assess(fitBenchOf(ready, ready.body.value, asked()), saddle, asked().setup);
      expect(picture.value.score).toBeCloseTo(found.ok ? found.value.standing : Number.NaN, 9);
    }
  });

  it('what is said of a neighbour is what the ranking would do with it', () => {
    const ready = HORSES[0]!;
    if (!ready.body.ok) throw new Error('no body');
    const here = assess(fitBenchOf(ready, ready.body.value, asked()), saddle, asked().setup);
    if (!here.ok) throw new Error('not laid');
    for (const { assessed, compared } of neighboursOf(ready, asked())) {
      expect(compared).toEqual(compareSettings(here.value, assessed));
      if (compared!.code === 'better' || compared!.code === 'noLongerRefused') expect(betterOf(assessed, here.value)).toBeLessThan(0);
    }
  });

  it('a ranked saddle stands there with the numbers the room gives for its best setting', () => {
    const ready = HORSES[0]!;
    if (!ready.body.ok) throw new Error('no body');
    const search = rankStock(fitBenchOf(ready, ready.body.value, asked()), [saddle]);
    let step = search.next();
    while (!step.done) step = search.next();
    const [{ best }] = step.value.ranked as [(typeof step.value.ranked)[number]];
    const picture = QUICK.sit(ready, asked({ setup: best.setup }));
    if (!picture.ok) throw new Error('not laid');
    const standing = picture.value.verdicts[0]!.stops.map((r) => r.id);
    expect(standing.filter((id) => !best.stops.includes(id))).toEqual([]);
    expect(best.ridden).toBe(true);
    // found from a neighbour's rest, told from where it was put
    expect(picture.value.score).toBeCloseTo(best.standing, 1);
    expect(best.resting.schoolId).toBe(schoolById('static-close').id);
  });
});
