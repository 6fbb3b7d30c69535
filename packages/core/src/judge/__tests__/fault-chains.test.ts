import { type School } from '../../schools';
import { frontToleranceMm } from '../../front';
import { faultChains } from '..';
import { type Ridden } from '../../sit';
import { type InputChange, STATIC, madeInput, pose } from './made-input';

const { rules, chains: from } = STATIC;
const { laid } = madeInput();
const wideMm = frontToleranceMm(STATIC, laid!.arch, laid!.padding);
const tips = (mm: number) => ({ near: mm, off: mm });
const WIDE = { tips: tips(wideMm + 0.1) };
const NARROW = { tips: tips(-wideMm - 0.1) };
const links = (change: InputChange, school: School = STATIC) =>
  Object.fromEntries(faultChains(madeInput(change), school).map((c) => [c.id, c.links.map((l) => l.code)]));
const JUST = 1e-6;
/** What a push finds: by shape alone, Nm a degree, and when it lets go. */
const pushed = (rollShapeNmPerDeg: number, letsGoNm: number): Ridden => ({
  push: { rollNmPerDeg: 9, yawNmPerDeg: 9, letsGoNm },
  rollShapeNmPerDeg,
  strides: {},
});

describe('a link is told from its threshold on, not before', () => {
  /** What holds just inside of the threshold, and what just outside. */
  const table: readonly (readonly [string, string, string, (out: number) => InputChange])[] = [
    ['wideFront', 'frontDropped', 'the front drops', (out) => ({ ...WIDE, drift: { along: -1 }, settled: pose(-from.pitchDeg - out) })],
    [
      'wideFront',
      'withersClose',
      'near the withers',
      (out) => ({ ...WIDE, drift: { along: -1 }, withers: { overMm: rules.withersOver.least - out } }),
    ],
    [
      'wideFront',
      'strapsBehindGroove',
      'straps swing back',
      (out) => ({ ...WIDE, drift: { along: -1 }, pulls: [{ leanDeg: from.leanDeg + out }] }),
    ],
    ['wideFront', 'pulledForward', 'pulled forward', (out) => ({ ...WIDE, settled: pose(-5), drift: { along: -from.along - out } })],
    ['narrowFront', 'frontLifted', 'the front lifts', (out) => ({ ...NARROW, drift: { along: 1 }, settled: pose(from.pitchDeg + out) })],
    [
      'narrowFront',
      'strapsAheadOfGroove',
      'straps swing forward',
      (out) => ({ ...NARROW, drift: { along: 1 }, pulls: [{ leanDeg: -from.leanDeg - out }] }),
    ],
    ['narrowFront', 'pulledBack', 'pulled back', (out) => ({ ...NARROW, settled: pose(5), drift: { along: from.along + out } })],
    [
      'slope',
      'strapsBehindGroove',
      'down the slope',
      (out) => ({ drift: { slopeAlongN: -from.slopeN - 1, along: -1 }, pulls: [{ leanDeg: from.leanDeg + out }] }),
    ],
    [
      'flatTree',
      'endsPress',
      'the ends press',
      (out) => ({ shape: { bridgeGapMm: 9 }, measures: { thirds: [0.5, 0.1, 0.4], peakKPa: 10 * (rules.peakRatio.most + out) } }),
    ],
  ];
  it.each(table)('%s: %s (%s)', (chain, code, _, change) => {
    expect(links(change(JUST))[chain]).toContain(code);
    expect(links(change(-JUST))[chain]).not.toContain(code);
  });
});

describe('a chain begins with its cause', () => {
  const causes: readonly (readonly [string, (out: number) => InputChange])[] = [
    ['wideFront', (out) => ({ tips: tips(wideMm + out), settled: pose(-5) })],
    ['narrowFront', (out) => ({ tips: tips(-wideMm - out), settled: pose(5) })],
    ['slope', (out) => ({ drift: { slopeAlongN: -from.slopeN - out, along: -1 } })],
    ['slopeBack', (out) => ({ drift: { slopeAlongN: from.slopeN + out, along: 1 } })],
    ['groove', (out) => ({ drift: { along: -1 }, pulls: [{ leanDeg: from.leanDeg + out }] })],
    ['groove', (out) => ({ drift: { strapsAlongN: -from.pullN - out }, pulls: [{ leanDeg: from.leanDeg + 1 }] })],
    ['grooveBehind', (out) => ({ drift: { strapsAlongN: from.pullN + out }, pulls: [{ leanDeg: -from.leanDeg - 1 }] })],
    ['grooveBehind', (out) => ({ drift: { along: 1 }, pulls: [{ leanDeg: -from.leanDeg - out }] })],
    ['flatTree', (out) => ({ shape: { bridgeGapMm: rules.bridgeGap.most + out }, measures: { thirds: [0.5, 0.1, 0.4] } })],
    ['flatTree', (out) => ({ shape: { bridgeGapMm: 9 }, measures: { thirds: [0.4, rules.middleShare.least - out, 0.4] } })],
    ['curvedTree', (out) => ({ measures: { thirds: [0.25, rules.middleShare.most + out, 0.25] } })],
    ['weakSide', (out) => ({ settled: pose(0, from.rollDeg + out), drift: { across: 0.5 } })],
    ['weakSide', (out) => ({ settled: pose(0, -from.rollDeg - out), drift: { across: 0.5 } })],
    ['weakSide', (out) => ({ settled: pose(0, 3), drift: { across: from.across + out } })],
    ['weakSide', (out) => ({ settled: pose(0, 3), drift: { across: -from.across - out } })],
    ['croup', (out) => ({ measures: { thirds: [0.25, 0.33, from.rearShare + out] }, settled: pose(-2) })],
    ['croup', (out) => ({ measures: { thirds: [0.25, 0.33, 0.5] }, settled: pose(-from.pitchDeg - out) })],
    ['roundBarrel', (out) => ({ ridden: pushed(rules.rollShape!.least! - out, 20) })],
    ['roundBarrel', (out) => ({ ridden: pushed(1, rules.rollLetsGo!.least! - out) })],
    ['roundBarrel', (out) => ({ ridden: pushed(1, 99), drift: { across: from.across + out } })],
    ['improving', (out) => ({ withersUpMm: from.withersUpMm + out, settled: pose(3) })],
    ['improving', (out) => ({ withersUpMm: 12, settled: pose(from.pitchDeg + out) })],
    ['improving', (out) => ({ withersUpMm: 12, drift: { along: from.along + out } })],
  ];
  it.each(causes)('%s: there with it, gone without', (chain, change) => {
    expect(Object.keys(links(change(JUST)))).toEqual([chain]);
    expect(links(change(-JUST))).toEqual({});
  });

  it('a cause alone is no chain', () => {
    expect(links(WIDE)).toEqual({});
    expect(links(NARROW)).toEqual({});
    expect(links({ drift: { slopeAlongN: -90 } })).toEqual({});
    expect(links({ settled: pose(0, 3) })).toEqual({});
  });

  it('nor is a consequence alone', () => {
    expect(links({ settled: pose(-5, 0), drift: { along: -1 }, withers: { overMm: 5 } })).toEqual({});
    expect(links({ settled: pose(5), drift: { along: 1, across: 0.6 } })).toEqual({});
  });

  it('without a front to lay there is no chain from it, whatever else holds', () => {
    expect(links({ tips: null, settled: pose(-5), drift: { along: -1 } })).toEqual({});
    expect(links({ tips: null, settled: pose(5), drift: { along: 1 } })).toEqual({});
  });

  it('withers that weren’t measured are not said to be close', () => {
    expect(links({ ...WIDE, settled: pose(-5), withers: { overMm: null } })).toEqual({ wideFront: ['frontWide', 'frontDropped'] });
  });
});

describe('each link carries its own number', () => {
  const of = (change: InputChange, id: string) => faultChains(madeInput(change), STATIC).find((c) => c.id === id)!.links;
  it('wide, in the order of cause and consequence', () => {
    const change = {
      tips: tips(9),
      settled: pose(-2.5),
      withers: { overMm: 31 },
      pulls: [{ leanDeg: 11 }, { leanDeg: 11 }],
      drift: { along: -0.4 },
    };
    expect(of(change, 'wideFront')).toEqual([
      { code: 'frontWide', byMm: 9 },
      { code: 'frontDropped', pitchDeg: -2.5 },
      { code: 'withersClose', overMm: 31 },
      { code: 'strapsBehindGroove', leanDeg: expect.closeTo(11, 9) },
      { code: 'pulledForward', index: -0.4 },
    ]);
  });
  it('narrow', () => {
    const change = { tips: tips(-9), settled: pose(2.5), pulls: [{ leanDeg: -11 }, { leanDeg: -11 }], drift: { along: 0.4 } };
    expect(of(change, 'narrowFront')).toEqual([
      { code: 'frontNarrow', byMm: 9 },
      { code: 'frontLifted', pitchDeg: 2.5 },
      { code: 'strapsAheadOfGroove', leanDeg: expect.closeTo(-11, 9) },
      { code: 'pulledBack', index: 0.4 },
    ]);
  });
  it('a slope, a flat tree, a curved tree', () => {
    expect(of({ drift: { slopeAlongN: -72, along: -0.5 } }, 'slope')).toEqual([
      { code: 'backSlopesForward', newtons: 72 },
      { code: 'pulledForward', index: -0.5 },
    ]);
    expect(of({ shape: { bridgeGapMm: 9 }, measures: { thirds: [0.5, 0.1, 0.4], peakKPa: 44 } }, 'flatTree')).toEqual([
      { code: 'treeFlatterThanBack', gapMm: 9 },
      { code: 'endsCarry', share: 0.9 },
      { code: 'endsPress', ratio: 4.4 },
    ]);
    expect(of({ measures: { thirds: [0.2, 0.6, 0.2] } }, 'curvedTree')).toEqual([
      { code: 'treeMoreCurvedThanBack', share: 0.6 },
      { code: 'tipsEasily', pitchNmPerDeg: 20 },
    ]);
  });
  it('a high croup, a round barrel, a horse that improved', () => {
    expect(of({ measures: { thirds: [0.25, 0.25, 0.5] }, settled: pose(-3) }, 'croup')).toEqual([
      { code: 'rearCarries', share: 0.5 },
      { code: 'frontDropped', pitchDeg: -3 },
    ]);
    expect(of({ ridden: pushed(0.7, 22) }, 'roundBarrel')).toEqual([
      { code: 'turnsByShape', nmPerDeg: 0.7 },
      { code: 'letsGoEarly', nm: 22 },
    ]);
    expect(of({ withersUpMm: 12, settled: pose(3) }, 'improving')).toEqual([
      { code: 'withersUp', byMm: 12 },
      { code: 'frontLifted', pitchDeg: 3 },
    ]);
  });
  it.each([
    [3, 0.4, 'off', 'off'],
    [-3, -0.4, 'near', 'near'],
    [3, -0.4, 'off', 'near'],
  ] as const)('roll %d and drift %d: lower on the %s side, slips to the %s', (rollDeg, across, lower, slips) => {
    expect(of({ settled: pose(0, rollDeg), drift: { across } }, 'weakSide')).toEqual([
      { code: 'sideLower', side: lower, rollDeg: 3 },
      { code: 'slipsToSide', side: slips, index: 0.4 },
    ]);
  });
});
