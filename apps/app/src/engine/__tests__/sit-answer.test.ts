import { SCHOOLS, schoolById, presentSetup, JOBS, QUICK, ReadyBody, type SitAsked, describedOf } from '@fulcra/core';
import { DEMO_ANIMALS, DEMO_SADDLES, trueBodyInput } from '@fulcra/demo';
import { PLAIN_RIDER } from '../../fit-room';

const corrie = new ReadyBody(trueBodyInput(DEMO_ANIMALS[6]!.back));
const saddle = describedOf(DEMO_SADDLES[5]!);
const asked: SitAsked = {
  saddle,
  setup: presentSetup(saddle, 55),
  rider: PLAIN_RIDER,
  pose: 'resting',
  strapPullN: 60,
  school: schoolById('panel-first'),
};

function picture(more: Partial<SitAsked> = {}) {
  const outcome = QUICK.sit(corrie, { ...asked, ...more });
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  return outcome.value;
}

describe('what the worker answers', () => {
  it('is plain data that crosses from a worker unchanged', () => {
    const made = picture();
    expect(structuredClone(made)).toEqual(made);
  });

  it('puts the chosen school first and leaves none out', () => {
    expect(picture().verdicts.map((v) => v.schoolId)[0]).toBe('panel-first');
    expect(new Set(picture().verdicts.map((v) => v.schoolId)).size).toBe(SCHOOLS.length);
  });

  it('tries one step either way on everything that can be turned', () => {
    const neighbours = QUICK.neighbours(corrie, asked);
    expect(neighbours.filter((n) => n.axis === 'width')).toHaveLength(2);
    expect(neighbours.some((n) => n.axis === 'flockNear')).toBe(true);
    expect(neighbours.some((n) => n.axis === 'curve')).toBe(true);
  });

  it('evens the filling toward the weaker side', () => {
    const job = JOBS.flock(corrie, asked);
    let step = job.next();
    while (!step.done) step = job.next();
    if (!step.value.ok) throw new Error('refused');
    const { flock } = step.value.value.found.best.setup;
    const all = (side: 'near' | 'off') => Object.values(flock[side]).reduce((sum, v) => sum + v, 0);
    expect(all('off')).toBeGreaterThan(all('near'));
  });

  it('ranks a part of the stock and says how far it is', () => {
    const stock = DEMO_SADDLES.slice(4, 6).map(describedOf);
    const job = JOBS.rank(corrie, { saddles: stock, rider: PLAIN_RIDER, strapPullN: 60, school: schoolById('static-close') });
    const first = job.next();
    expect(first.done).toBe(false);
    expect(first.value).toMatchObject({ saddle: 1, saddles: 2 });
    let step = job.next();
    while (!step.done) step = job.next();
    expect(step.value.ranked).toHaveLength(2);
  }, 60_000);

  it('of a back that wasn’t measured says so, to every question', () => {
    const bare = new ReadyBody({ ...corrie.input, stations: corrie.input.stations.slice(0, 1) });
    expect(QUICK.sit(bare, asked)).toMatchObject({ ok: false, problems: [{ code: 'SURFACE_TOO_FEW_STATIONS' }] });
    expect(QUICK.neighbours(bare, asked)).toEqual([]);
    expect(JOBS.flock(bare, asked).next()).toMatchObject({ done: true, value: { ok: false } });
    expect(JOBS.best(bare, asked).next()).toMatchObject({ done: true, value: { ok: false } });
  });
});
