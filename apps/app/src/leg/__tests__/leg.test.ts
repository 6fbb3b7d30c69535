import { DEMO_ANIMALS, DEMO_RIDERS, DEMO_RIDER_MEASURES, DEMO_SADDLES } from '@fulcra/demo';
import {
  FOOT,
  PLAIN_BARREL,
  bodyInputOf,
  halfBreadthAt,
  legOf,
  legOnHorse,
  legOnLeather,
  plumbOf,
  plumbParts,
  schoolById,
} from '@fulcra/core';
import { knownRider } from '../../riders/use-rider';
import { facts, fact, takes, visited } from '../../visit/__tests__/demo-visit';
import { groundUnder, saddleThere } from '../leg-ground';
import { hangFor } from '../use-leg-drag';
import { suitsBoth, suitsOne } from '../suits-both';
import { headlineOf, holeShown } from '../leg-words';

const LOAD = { massKg: 84, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' } as const;
const BREAKER = DEMO_SADDLES.find((s) => s.name === 'Breaker')!;
const barrel = { kind: 'barrel' as const, circumferenceMm: 1890, breadthMm: 500, widestBelowMm: 330, depthMm: 690, traced: null };

function horseWith(more: ReturnType<typeof fact>[] = []) {
  const { page, measured } = visited({ takes, facts: [...facts, ...more] });
  return { input: bodyInputOf(measured, page.facts), facts: page.facts, school: schoolById('static-close') };
}
const TAMSIN = knownRider(DEMO_RIDERS[0]!, DEMO_RIDER_MEASURES);
const BODY = TAMSIN.body.ok ? TAMSIN.body.value : null;

describe('what the leg hangs on', () => {
  it('is the saddle as it settled on this horse, and the barrel as it was measured, its top as it was traced', () => {
    const there = saddleThere(horseWith([fact('b', barrel)]), BREAKER, LOAD);
    expect(there.saddle.settled).toBe(true);
    expect(there.barrelMeasured).toBe(true);
    expect(there.assumed).toEqual([]);
    expect(halfBreadthAt(there.barrel, 330)).toBeCloseTo(250, 0);
    expect(there.barrel.traced!.length).toBeGreaterThan(4);
    expect(Number.isFinite(there.backAt(200))).toBe(true);
  });

  it('without a barrel is a plain one and says so', () => {
    const there = saddleThere(horseWith(), BREAKER, LOAD);
    expect(there.barrelMeasured).toBe(false);
    expect(there.barrel.halfBreadthMm).toBe(PLAIN_BARREL.halfBreadthMm);
  });

  it('without a horse is a level saddle on nothing that was traced', () => {
    const there = saddleThere(null, null, LOAD);
    expect(there.saddle.settled).toBe(false);
    expect(there.assumed).toEqual(['barOutMm', 'barBelowSeatMm', 'seatOverTreeMm']);
    expect(there.backAt(100)).toBeNaN();
  });

  it('a barrel whose numbers don’t close is none', () => {
    const bad = { ...barrel, circumferenceMm: 900 };
    expect(saddleThere(horseWith([fact('b', bad)]), BREAKER, LOAD).barrelMeasured).toBe(false);
  });

  it('too little measured to lay a saddle on is level', () => {
    const { page, measured } = visited();
    const there = saddleThere({ input: bodyInputOf(measured, page.facts), facts: [], school: schoolById('static-close') }, BREAKER, LOAD);
    expect(there.saddle.settled).toBe(false);
  });
});

describe('the hand that draws', () => {
  const leg = legOf(BODY!, FOOT);
  const { ground } = groundUnder(saddleThere(null, BREAKER, LOAD), BODY!);

  it.each([560, 640, 700, 760])('knee and tread of a leather of %d mm lead back to it', (hangMm) => {
    const place = legOnLeather(leg, ground, hangMm);
    if (!place.ok) throw new Error('this leg hangs there');
    for (const held of ['knee', 'tread'] as const) expect(hangFor(leg, ground, held, place.value[held].zMm)).toBeCloseTo(hangMm, 1);
  });

  it('drawn off the foot of the page stays at the longest the leg can use', () => {
    const hangMm = hangFor(leg, ground, 'tread', -5000);
    expect(legOnLeather(leg, ground, hangMm).ok).toBe(true);
    expect(legOnLeather(leg, ground, hangMm + 5).ok).toBe(false);
  });
});

describe('saddles for both', () => {
  const horse = horseWith([fact('b', barrel)]);
  const of = (name: string) =>
    suitsOne(
      horse,
      DEMO_SADDLES.find((s) => s.name === name)!,
      BODY!,
      FOOT,
      [118, 126],
      LOAD,
    );

  it('the tall rider’s knee runs out of the short flap', () => {
    const row = (id: string) => of('Breaker').rows.find((r) => r.id === id)!;
    expect(row('flapLength').word).toBe('misses');
    expect(row('flapLength').has).toBe(325);
    expect(row('flapLength').least).toBeGreaterThan(340);
  });

  it('a flap nobody measured is not judged', () => {
    const rows = of('Long-seat working saddle no. 4').rows;
    expect(rows.filter((r) => r.word === 'unknown').map((r) => r.id)).toEqual(['seatSize', 'flapLength', 'kneeRoll', 'leatherOnFlap']);
  });

  it('what misses for one is behind what misses for none; unsafe tack is last', () => {
    const one = (word: 'suits' | 'misses') => ({ word, rows: [], hangMm: 700 });
    const [a, b, c] = DEMO_SADDLES.slice(0, 3) as [typeof BREAKER, typeof BREAKER, typeof BREAKER];
    const held = new Set([c.id]);
    const order = suitsBoth([c, a, b], (s) => one(s.id === a.id ? 'misses' : 'suits'), null, held).map((r) => r.saddle.id);
    expect(order[0]).toBe(b.id);
    const ranked = { id: b.id, best: { stops: ['x'] } } as never;
    const refused = suitsBoth(
      [b, a],
      () => one('suits'),
      { ranked: [{ id: a.id, best: { stops: [] } } as never, ranked], refused: [] },
      new Set(),
    );
    expect(refused.map((r) => r.saddle.id)).toEqual([a.id, b.id]);
    expect(suitsBoth([b], () => one('suits'), { ranked: [], refused: [{ id: b.id, problems: [] }] }, new Set())[0]!.horse).toBe('refused');
  });
});

describe('the headline', () => {
  const plan = { purpose: 'general' } as never;
  const place = { hangMm: 742.4 } as never;
  const holes = { holes: { near: 5, off: 6 } } as never;
  it('names the holes as they are stamped', () => {
    expect(headlineOf(plan, place, holes, { firstHole: 1 } as never)).toBe('General: 742 mm (29.2 in), near 5th, off 6th hole.');
    expect(headlineOf(plan, place, holes, { firstHole: -2 } as never)).toBe('General: 742 mm (29.2 in), near 2nd, off 3rd hole.');
    expect(holeShown({ firstHole: 10 }, 1)).toBe(10);
  });
  it('without a pair is a length in both units', () =>
    expect(headlineOf(plan, place, null, null)).toBe('General: 742 mm (29.2 in) over the flap.'));
  it('of a leg that can’t says so', () => expect(headlineOf(plan, null, null, null)).toMatch(/can’t be hung/));
});

it('Pipit’s child has its lengths measured; what was not is filled in half as sure', () => {
  const pip = knownRider(DEMO_RIDERS[2]!, DEMO_RIDER_MEASURES);
  expect(pip.body.ok).toBe(true);
  const known = DEMO_RIDER_MEASURES.filter((m) => m.takenOn.startsWith('2025'));
  const young = knownRider(DEMO_RIDERS[2]!, known);
  expect(young.body.ok && young.body.value.ankleHeight.sdMm).toBe(2 * 6);
  expect(pip.body.ok && pip.body.value.ankleHeight.sdMm).toBe(5);
  expect(DEMO_RIDERS.flatMap((r) => knownRider(r, DEMO_RIDER_MEASURES).odd)).toEqual([]);
  expect(pip.days.map((d) => d.takenOn)).toEqual(['2026-04-14', '2025-04-20']);
  expect(DEMO_ANIMALS[4]!.horse.riderIds).toEqual([pip.rider.id]);
});

it('one heel has one judgement: the row of the saddle reads the heel that the roll pushed', () => {
  const pressed = { ...BREAKER, seat: { ...BREAKER.seat, flapReachMm: 60 } };
  const free = { ...BREAKER, seat: { ...BREAKER.seat, flapReachMm: null } };
  const heelOf = (saddle: typeof BREAKER) => {
    const { rows } = suitsOne(horseWith(), saddle, BODY!, FOOT, [118, 126], LOAD);
    return rows.find((r) => r.id === 'heelUnderHip')!.has!;
  };
  const { ground } = groundUnder(saddleThere(horseWith(), pressed, LOAD), BODY!);
  const place = legOnHorse(legOf(BODY!, FOOT), ground, 122);
  if (!place.ok) throw new Error('this leg hangs there');
  const heel = plumbParts(plumbOf(place.value, BODY!.heelToAnkle.mm), place.value, ground.saddle.pitchDeg, 60);
  expect(heel.fromLengthMm).toBeLessThan(-1);
  expect(heelOf(pressed)).toBeCloseTo(heel.heelBehindHipMm, 9);
  expect(heelOf(free) - heelOf(pressed)).toBeCloseTo(-heel.fromLengthMm, 6);
});
