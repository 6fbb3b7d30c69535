import { type CriterionId, type SchoolId, CRITERIA, CRITERION_IDS, SCHOOLS, schoolOf } from '../../schools';
import { fixedAt, presentSetup } from '../../saddle';
import { horse, saddleFor, sitOn } from '../../sit/__tests__/invented-horses';
import { type HorseBody } from '../../sit/body';
import { judgeSitting, laidFront, ruleFor, sitRow } from '..';
import { type InputChange, STATIC, madeInput, pose } from './made-input';

function judged(body: HorseBody, schoolId: SchoolId, saddle = saddleFor(90), placeMm = 50) {
  const setup = presentSetup(saddle, placeMm);
  const outcome = sitOn({ body, saddle, setup, rider: { massKg: 70, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' }, pose: 'resting' });
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  return judgeSitting(
    { body, saddle, setup, sitting: outcome.value, laid: laidFront(body, saddle, setup), ridden: null },
    schoolOf(schoolId, [])!,
  );
}
const row = (verdict: ReturnType<typeof judged>, id: CriterionId) => verdict.rows.find((r) => r.id === id)!;

describe('one number under one rule', () => {
  const rule = { least: 36, most: 54, scale: 12, weight: 3, hardStop: 'least' } as const;
  it.each([
    [45, 'good', false, 0],
    [36, 'good', false, 0],
    [54, 'good', false, 0],
    [66, 'lookOut', false, 1],
    [66.1, 'bad', false, 12.1 / 12],
    [60, 'lookOut', false, 0.5],
    [70, 'bad', false, 16 / 12],
    [30, 'bad', true, -0.5],
  ] as const)('%d mm over the withers is %s', (value, verdict, stops, outside) => {
    const made = sitRow('withersOver', value, rule);
    expect(made).toMatchObject({ verdict, stops });
    expect(made.outside).toBeCloseTo(outside, 9);
  });

  it('says how much is left before it turns, and at which end', () => {
    expect(sitRow('withersOver', 40, rule).spare).toEqual({ by: 4, end: 'least' });
    expect(sitRow('withersOver', 52, rule).spare).toEqual({ by: 2, end: 'most' });
    expect(sitRow('withersOver', 30, rule).spare).toBeNull();
  });

  it('a number that wasn’t measured is said, never guessed; a school without the rule has no opinion', () => {
    expect(sitRow('ligamentClear', null, rule)).toMatchObject({ verdict: 'notMeasured', needs: ['spineLigament'], stops: false, costs: 0 });
    expect(sitRow('barBehindForward', 90, undefined)).toMatchObject({ verdict: 'noOpinion', value: 90, costs: 0 });
  });
});

describe('what a miss costs', () => {
  const rule = { least: 36, most: 54, scale: 12, weight: 3, hardStop: 'never' } as const;
  it.each([
    [45, 0],
    [54, 0],
    [60, 3 * 3 * 0.5],
    [30, 3 * 3 * 0.5],
    [54 + 12 * 4, 3 * 3 * 4],
    [54 + 12 * 9, 3 * 3 * 4],
  ])('%d mm takes %d from the score: by weight and scale, and no more than four scales', (value, costs) =>
    expect(sitRow('withersOver', value, rule).costs).toBeCloseTo(costs, 9),
  );

  it.each([
    ['never', false, false],
    ['least', true, false],
    ['most', false, true],
  ] as const)('hard stop %s: refused below %s, above %s', (hardStop, below, above) => {
    const hard = { ...rule, hardStop };
    expect([30, 36, 45, 54, 60].map((v) => sitRow('withersOver', v, hard).stops)).toEqual([below, false, false, false, above]);
    expect(sitRow('withersOver', null, hard).stops).toBe(false);
  });

  it('a number that is none was not measured', () => {
    for (const value of [NaN, Infinity, -Infinity])
      expect(sitRow('withersOver', value, rule)).toMatchObject({ value: null, verdict: 'notMeasured', costs: 0, spare: null });
  });

  it('one end only: the room is to that end; none: no room is told', () => {
    expect(sitRow('withersOver', 50, { ...rule, most: null }).spare).toEqual({ by: 14, end: 'least' });
    expect(sitRow('withersOver', 50, { ...rule, least: null }).spare).toEqual({ by: 4, end: 'most' });
    expect(sitRow('withersOver', 45, rule).spare).toEqual({ by: 9, end: 'least' });
    expect(sitRow('withersOver', 50, { ...rule, least: null, most: null }).spare).toBeNull();
    expect(sitRow('withersOver', 5000, { ...rule, most: null })).toMatchObject({ verdict: 'good', outside: 0 });
    expect(sitRow('withersOver', -5000, { ...rule, least: null })).toMatchObject({ verdict: 'good', outside: 0 });
  });
});

describe('a verdict as a whole', () => {
  const verdict = (change: InputChange) => judgeSitting(madeInput(change), STATIC);
  it('takes from a hundred what each miss costs, and lists what misses, the dearest first', () => {
    const two = verdict({ measures: { peakKPa: 44 }, exact: { meanKPa: 13 } });
    expect(two.worst.map((r) => r.id)).toEqual(['peakRatio', 'loadOnArea']);
    expect(two.score).toBeCloseTo(100 - two.worst[0]!.costs - two.worst[1]!.costs, 9);
    expect(two.worst[0]!.costs).toBeGreaterThan(two.worst[1]!.costs);
    expect(two.stops).toEqual([]);
  });

  it('what refuses it comes first, though something else costs more', () => {
    const refused = verdict({ places: { pointBehindRestMm: 49 }, measures: { peakKPa: 90 } });
    expect(refused.worst.map((r) => r.id)).toEqual(['pointBehindScapula', 'peakRatio']);
    expect(refused.worst[0]!.costs).toBeLessThan(refused.worst[1]!.costs);
    expect(refused.stops.map((r) => r.id)).toEqual(['pointBehindScapula']);
  });

  it('never falls below nothing', () => {
    const all = {
      measures: { meanKPa: 99, peakKPa: 99, thirds: [0, 0.9, 0], near: 0.9 },
      settled: pose(20, 20),
      drift: { along: -9, across: 9 },
    };
    expect(verdict({ ...all, tips: { near: 90, off: 90 } }).score).toBe(0);
  });

  it('the front is held to its own tolerance; a school without that rule has none', () => {
    const input = madeInput();
    const { frontEven: _, ...without } = STATIC.rules;
    expect(ruleFor('frontEven', { laid: null }, STATIC)).toBe(STATIC.rules.frontEven);
    expect(ruleFor('withersOver', input, STATIC)).toBe(STATIC.rules.withersOver);
    expect(ruleFor('frontEven', input, { ...STATIC, rules: without as never })).toBeUndefined();
    expect(ruleFor('frontEven', input, { ...STATIC, front: { ...STATIC.front, bandDeg: 20 } })!.most).toBeGreaterThan(
      STATIC.rules.frontEven.most,
    );
  });
});

describe('a school’s table', () => {
  it('has the same rows in the same order for every school', () => {
    for (const school of SCHOOLS)
      expect(judged(horse(), school.id).rows.map((r) => r.id)).toEqual(CRITERION_IDS.filter((id) => CRITERIA[id].from !== 'ridden'));
  });

  it('tree points stay 50 mm behind the scapula: static close refuses 45, panel first takes it', () => {
    expect(row(judged(horse(), 'static-close', undefined, 45), 'pointBehindScapula')).toMatchObject({ stops: true, value: 45 });
    expect(row(judged(horse(), 'panel-first', undefined, 45), 'pointBehindScapula').stops).toBe(false);
  });

  it('room to move asks for the bar 125 mm behind the drawn-forward edge, and no other school does', () => {
    const asked = SCHOOLS.filter((s) => row(judged(horse(), s.id), 'barBehindForward').verdict !== 'noOpinion').map((s) => s.id);
    expect(asked).toEqual(['room-to-move']);
  });

  it('panel first lets a panel lie 20 mm past the last rib, static close doesn’t', () => {
    const short = horse({ lastRibMm: 396 });
    expect(row(judged(short, 'static-close'), 'panelBeforeRib').stops).toBe(true);
    expect(row(judged(short, 'panel-first'), 'panelBeforeRib').stops).toBe(false);
  });

  it('a hard stop is never outvoted: it heads the list whatever the score', () => {
    const verdict = judged(horse({ lastRibMm: 360 }), 'static-close');
    expect(verdict.stops.map((s) => s.id)).toContain('panelBeforeRib');
    expect(verdict.worst[0]!.stops).toBe(true);
  });
});

describe('one fault causes another', () => {
  const chain = (body: HorseBody, saddle: ReturnType<typeof saddleFor>) => judged(body, 'static-close', saddle).chains;

  it('too wide in front: it drops, comes near the withers, and the straps pull it forward', () => {
    const wide = chain(horse({ grooveMm: 60 }), saddleFor(125, { midAngleDeg: 125, rearAngleDeg: 125 })).find((c) => c.id === 'wideFront')!;
    expect(wide.links.map((l) => l.code)).toEqual(expect.arrayContaining(['frontWide', 'withersClose', 'strapsBehindGroove']));
    expect(wide.links[0]!.code).toBe('frontWide');
  });

  it('a flat tree on a dipped back: daylight in the middle, the ends carry', () => {
    const flat = chain(horse({ dipMm: 35 }), saddleFor(90, { curveMm: fixedAt(0) })).find((c) => c.id === 'flatTree')!;
    expect(flat.links.map((l) => l.code)).toEqual(expect.arrayContaining(['treeFlatterThanBack', 'endsCarry']));
  });

  it('a weaker off side: it gives way there, and the saddle slips to it', () => {
    const weak = chain(horse({ offDeg: 40 }), saddleFor(85)).find((c) => c.id === 'weakSide')!;
    expect(weak.links).toEqual(expect.arrayContaining([expect.objectContaining({ code: 'sideLower', side: 'off' })]));
  });

  it('none where nothing is wrong at its head', () => {
    for (const c of chain(horse(), saddleFor(90))) expect(c.links.length).toBeGreaterThan(1);
    expect(chain(horse(), saddleFor(90)).map((c) => c.id)).not.toContain('weakSide');
  });
});
