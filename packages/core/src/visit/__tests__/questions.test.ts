import { horse, inputOf, PLAIN_HORSE, saddleFor } from '../../sit/__tests__/invented-horses';
import { assess, betterOf, compareSettings, fitBench, naturalPlaceMm, sitConfidence, strapChoices } from '../../search';
import { NOTHING_ADDED, fixedAt, presentSetup } from '../../saddle';
import { SCHOOLS, SCHOOL_IDS, schoolById } from '../../schools';
import { onGrid, sit, sitBench } from '../../sit';
import { seededRandom } from '../../random';
import { prepareSection, rankSaddles } from '../../front';
import { frontAnswerOf } from '../front-questions';
import { ReadyBody } from '../ready-body';
import { JOBS, QUICK, neighboursOf } from '../sit-questions';
import { type SitAsked } from '../sit-picture';

const input = inputOf(PLAIN_HORSE);
const ready = new ReadyBody(input);
const body = horse();
const saddle = saddleFor(90, { curveMm: fixedAt(12) });
const RIDER = { massKg: 70, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' } as const;
const asked: SitAsked = {
  saddle,
  setup: presentSetup(saddle, 50),
  rider: RIDER,
  pose: 'resting',
  strapPullN: 60,
  school: schoolById('panel-first'),
};
const bare = new ReadyBody({ ...input, stations: input.stations.slice(0, 1) });
const bench = fitBench(body, schoolById('panel-first'), RIDER, 60);
const ended = <T>(job: Generator<unknown, T>): T => {
  for (let step = job.next(); ; step = job.next()) if (step.done) return step.value;
};
const picture = (more: Partial<SitAsked> = {}) => {
  const outcome = QUICK.sit(ready, { ...asked, ...more });
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  return outcome.value;
};

describe('one horse kept ready between questions', () => {
  it('lays it out once for each pose and school', () => {
    if (!ready.body.ok) throw new Error('no body');
    const { value } = ready.body;
    const [close, first] = [schoolById('static-close'), schoolById('panel-first')];
    const bench = ready.bench(value, 'resting', close);
    expect(ready.bench(value, 'resting', close)).toBe(bench);
    expect(ready.bench(value, 'lifted', close)).not.toBe(bench);
    expect(ready.bench(value, 'lifted', close).pose).toBe('lifted');
    expect(ready.bench(value, 'resting', first)).not.toBe(bench);
    expect(ready.bench(value, 'resting', { ...close, version: 99 })).not.toBe(bench);
  });

  it('forgets sampled backs when there are more than forty', () => {
    if (!ready.body.ok) throw new Error('no body');
    const school = schoolById('western');
    const { sampled } = ready.bench(ready.body.value, 'resting', school);
    for (let i = 0; i < 40; i++) sampled.set(String(i), {} as never);
    expect(ready.bench(ready.body.value, 'resting', school).sampled.size).toBe(40);
    sampled.set('one more', {} as never);
    expect(ready.bench(ready.body.value, 'resting', school).sampled.size).toBe(0);
  });

  it('of too few stations there is none, and it says why', () => {
    expect(bare.body).toMatchObject({ ok: false, problems: [{ code: 'SURFACE_TOO_FEW_STATIONS' }] });
  });
});

describe('where it sits', () => {
  it('is what the engine says, with every school’s verdict, the chosen one first', () => {
    const made = picture();
    const alone = sit({ body, ...asked }, sitBench(body, 'resting', schoolById('panel-first').engine));
    if (!alone.ok) throw new Error('no sitting');
    expect(made.pose).toEqual(alone.value.settled.pose);
    expect(made.state).toBe('settled');
    const { laid, settled } = alone.value;
    const share = onGrid(laid, laid.share, 0);
    // drawn is what is half a cell or more
    expect(made.pressureKPa).toEqual(onGrid(laid, settled.cells.pressureKPa, 0).map((p, at) => (share[at]! < 0.5 ? 0 : p)));
    expect(share.some((s) => s > 0 && s < 0.5)).toBe(true);
    expect(made.rounds).toBe(alone.value.settled.iterations);
    expect(made.residual).toEqual(alone.value.settled.residual);
    for (const part of [
      'measures',
      'exact',
      'shape',
      'stiffness',
      'drift',
      'places',
      'withers',
      'pulls',
      'loads',
      'offTheBackShare',
    ] as const)
      expect(made[part]).toEqual(alone.value[part]);
    expect(made.verdicts.map((v) => v.schoolId)).toEqual(['panel-first', ...SCHOOL_IDS.filter((id) => id !== 'panel-first')]);
    expect(made.verdicts).toHaveLength(SCHOOLS.length);
    expect(made.laid).not.toBeNull();
    expect(made.asked).toEqual(asked);
  });

  it('the grid begins half a step before its first cell', () => {
    const alone = sit({ body, ...asked }, sitBench(body, 'resting', schoolById('panel-first').engine));
    if (!alone.ok) throw new Error('no sitting');
    const { back } = alone.value;
    const { grid } = picture();
    expect([grid.countX, grid.countY, grid.stepMm]).toEqual([back.countX, back.countY, back.stepMm]);
    expect(grid.fromXMm).toBeCloseTo(back.x[0]! - back.stepMm / 2, 9);
    expect(grid.fromYMm).toBeCloseTo(back.y[0]! - back.stepMm / 2, 9);
    expect(picture().overlapMm).toHaveLength(grid.countX * grid.countY);
  });

  it('another pose sits otherwise', () => expect(picture({ pose: 'lifted' }).pose).not.toEqual(picture().pose));

  it('a rider who can’t be is refused, and so is a horse that wasn’t measured', () => {
    expect(QUICK.sit(ready, { ...asked, rider: { ...RIDER, massKg: -5 } }).ok).toBe(false);
    expect(QUICK.sit(bare, asked)).toBe(bare.body);
  });
});

describe('what may be tried from here', () => {
  it('neighbours: one real step either way, judged with the same rules as here', () => {
    const found = neighboursOf(ready, asked);
    expect(found.filter((n) => n.axis === 'width').map((n) => n.direction)).toEqual([-1, 1]);
    const wider = found.find((n) => n.axis === 'width' && n.direction === 1)!;
    expect(wider.assessed.setup.width).toBe(asked.setup.width + 1);
    const alone = assess(bench, saddle, wider.assessed.setup);
    if (!alone.ok) throw new Error('not assessed');
    expect(wider.assessed.score).toBeCloseTo(alone.value.score, 0);
    expect(neighboursOf(bare, asked)).toEqual([]);
  });

  it('straps: every legal pair as the search has them', () => {
    expect(QUICK.straps(ready, asked)).toEqual(strapChoices(bench, saddle, asked.setup));
    expect(QUICK.straps(ready, asked).length).toBeGreaterThan(1);
    expect(QUICK.straps(bare, asked)).toEqual([]);
  });
});

describe('what takes a while', () => {
  it.each([
    ['shims', { ...asked.setup, shims: NOTHING_ADDED }],
    ['flock', asked.setup],
    ['best', asked.setup],
  ] as const)('%s: what is found stands beside nothing done, and is never worse', (kind, setup) => {
    const answer = ended(JOBS[kind](ready, asked));
    const nothing = assess(bench, saddle, setup);
    if (!answer.ok || !nothing.ok || answer.value.nothing === null) throw new Error('refused');
    expect(answer.value.nothing.setup).toEqual(setup);
    expect(answer.value.nothing.standing).toBeCloseTo(nothing.value.standing, 6);
    expect(answer.value.compared).toEqual(compareSettings(answer.value.nothing, answer.value.found.best));
    if (kind !== 'best') expect(betterOf(answer.value.found.best, nothing.value)).toBeLessThanOrEqual(0);
    expect(ended(JOBS[kind](bare, asked))).toBe(bare.body);
  });

  it('the best setting begins at the saddle’s natural place and tells its steps', () => {
    const job = JOBS.best(ready, asked);
    expect(job.next().done).toBe(false);
    const best = ended(job);
    if (!best.ok) throw new Error('no best');
    const here = assess(bench, saddle, { ...asked.setup, placeMm: naturalPlaceMm(body, saddle, schoolById('panel-first')) });
    if (!here.ok) throw new Error('not assessed');
    const { best: found } = best.value.found;
    expect(found.stops.length).toBeLessThanOrEqual(here.value.stops.length);
    if (found.stops.length === here.value.stops.length) expect(found.score).toBeGreaterThanOrEqual(here.value.score);
    expect(ended(JOBS.best(bare, asked))).toBe(bare.body);
  }, 60_000);

  it('shims: found for a horse, refused without one', () => {
    expect(ended(JOBS.shims(ready, asked)).ok).toBe(true);
    expect(ended(JOBS.shims(bare, asked))).toBe(bare.body);
  }, 60_000);

  it('how sure: sixty redraws, the same each time it is asked', () => {
    const steps: number[] = [];
    const job = JOBS.confidence(ready, asked);
    let step = job.next();
    for (; !step.done; step = job.next()) steps.push(step.value);
    const question = { saddle, setup: asked.setup, rider: RIDER, strapPullN: 60, school: schoolById('panel-first') };
    expect(step.value).toEqual(ended(sitConfidence({ input, ...question, redraws: 60, random: seededRandom(20_261_123) })));
    expect(steps.length).toBeGreaterThan(5);
  }, 120_000);

  it('a stock is ranked whole; without a horse every saddle says why not', () => {
    const stock = [saddle, { ...saddleFor(110), id: 'other' }];
    const { ranked, refused } = ended(
      JOBS.rank(ready, { saddles: stock, rider: RIDER, strapPullN: 60, school: schoolById('static-close') }),
    );
    expect([...ranked, ...refused].map((r) => r.id).sort()).toEqual(stock.map((s) => s.id).sort());
    const none = ended(JOBS.rank(bare, { saddles: stock, rider: RIDER, strapPullN: 60, school: schoolById('static-close') }));
    expect(none.ranked).toEqual([]);
    expect(none.refused.map((r) => [r.id, r.problems[0]!.code])).toEqual(stock.map((s) => [s.id, 'SURFACE_TOO_FEW_STATIONS']));
  }, 60_000);
});

describe('what may be asked of the front alone', () => {
  const { section } = input.stations[0]!;
  const takes = [{ id: 'a', section }];

  it('a fit, the same each time', () => {
    const question = { kind: 'frontFit', section, takes, school: schoolById('static-close'), takenAtMm: 50 } as const;
    const fit = frontAnswerOf(question);
    expect(fit).toMatchObject({ ok: true });
    expect(frontAnswerOf(question)).toEqual(fit);
    expect(frontAnswerOf({ ...question, school: schoolById('shoulder-line') })).not.toEqual(fit);
  }, 60_000);

  it('a stock by its fronts', () => {
    const saddles = [90, 70].map((deg, i) => ({ ...saddleFor(deg), id: `s${i}` }));
    const ranked = frontAnswerOf({ kind: 'rankSaddles', section, saddles, school: schoolById('static-close'), takenAtMm: 50 });
    expect(ranked).toEqual(
      rankSaddles(
        prepareSection(section),
        saddles.map((s) => ({ ...s, depthFrontMm: s.build.panel.depthFrontMm })),
        schoolById('static-close'),
        50,
      ),
    );
  });
});
