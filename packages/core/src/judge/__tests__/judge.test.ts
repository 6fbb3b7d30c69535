import { type CriterionId, CRITERION_IDS, SCHOOLS, SCHOOL_IDS, schoolById } from '../../schools';
import { fixedAt, presentSetup } from '../../saddle';
import { horse, saddleFor, sitOn } from '../../sit/__tests__/invented-horses';
import { type HorseBody } from '../../sit/body';
import { judgeSitting, laidFront, sitRow } from '..';

function judged(body: HorseBody, schoolId: (typeof SCHOOL_IDS)[number], saddle = saddleFor(90), placeMm = 50) {
  const setup = presentSetup(saddle, placeMm);
  const outcome = sitOn({ body, saddle, setup, rider: { massKg: 70, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' }, pose: 'resting' });
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  return judgeSitting({ body, saddle, setup, sitting: outcome.value, laid: laidFront(body, saddle, setup) }, schoolById(schoolId));
}
const row = (verdict: ReturnType<typeof judged>, id: CriterionId) => verdict.rows.find((r) => r.id === id)!;

describe('one number under one rule', () => {
  const rule = { least: 36, most: 54, scale: 12, weight: 3, hardStop: 'least' } as const;
  it.each([
    [45, 'good', false, 0],
    [36, 'good', false, 0],
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

describe('a school’s table', () => {
  it('has the same rows in the same order for every school', () => {
    for (const school of SCHOOLS) expect(judged(horse(), school.id).rows.map((r) => r.id)).toEqual([...CRITERION_IDS]);
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
    const short = horse({ lastRibMm: 405 });
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
