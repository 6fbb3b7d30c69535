import fc from 'fast-check';
import { type LandmarkId, type LandmarkReading, landmarkProblems } from '../landmarks';
import { resolveLandmarks, scapulaTooFarForward, settleLastRib } from '../landmarks-resolved';

const at = (landmark: LandmarkId, atMm: number, more: Partial<LandmarkReading> = {}): LandmarkReading => ({
  landmark,
  side: null,
  way: null,
  station: null,
  pose: null,
  ...more,
  atMm,
});
const usual = [
  at('scapulaRest', 0, { side: 'near' }),
  at('scapulaRest', 8, { side: 'off' }),
  at('scapulaForward', 42, { side: 'near' }),
  at('scapulaForward', 44, { side: 'off' }),
  at('lowPoint', 214),
  at('lastRib', 404, { way: 'alongTheRib' }),
  at('lastRib', 396, { way: 'flankHair' }),
];

describe('landmarks', () => {
  it('are told from the mean of both resting scapula edges, with the travel of each side', () => {
    const resolved = resolveLandmarks(usual);
    expect(resolved.originOnTapeMm).toBe(4);
    expect(resolved.scapula.near).toEqual({ restMm: -4, forwardMm: 38, travelMm: 42 });
    expect(resolved.scapula.off.travelMm).toBe(36);
    expect(resolved.lastRib).toMatchObject({ state: 'agree', atMm: 396 });
    expect(resolved.places.lowPoint).toBe(210);
    expect(resolved.doubts).toEqual([]);
  });

  it('found again beside it, the mean counts, with how far they lie apart', () => {
    const thrice = [at('lowPoint', 210), at('lowPoint', 218, { again: true }), at('lowPoint', 214, { again: true })];
    const { places, readings, doubts } = resolveLandmarks(thrice);
    expect(places.lowPoint).toBe(214);
    expect(readings).toEqual([expect.objectContaining({ atMm: 214, times: 3, spreadMm: 8, sdMm: 4, felt: true })]);
    expect(doubts).toEqual([]);
    expect(resolveLandmarks([...thrice, at('lowPoint', 230)]).readings[0]).toMatchObject({ atMm: 230, times: 1, spreadMm: 0, sdMm: 0 });
  });

  it.each([
    [20, 0],
    [21, 1],
  ])('readings of one landmark %d mm apart: %d doubts', (apart, count) => {
    const { doubts } = resolveLandmarks([at('lowPoint', 200), at('lowPoint', 200 + apart, { again: true })]);
    expect(doubts).toEqual(count === 0 ? [] : [{ code: 'READINGS_APART', landmark: 'lowPoint', byMm: apart }]);
  });

  it('a proposal kept untouched is by eye, a hand takes its place, and an eye adds nothing to a hand', () => {
    const eye = at('lastRib', 400, { way: 'flankHair', felt: false });
    expect(resolveLandmarks([eye]).doubts).toEqual([{ code: 'BY_EYE', landmarks: ['lastRib'] }]);
    const felt = resolveLandmarks([eye, at('lastRib', 420, { way: 'flankHair', again: true })]);
    expect(felt.doubts).toEqual([]);
    expect(felt.lastRib.atMm).toBe(420);
    expect(resolveLandmarks([at('lowPoint', 200), at('lowPoint', 260, { felt: false, again: true })]).places.lowPoint).toBe(200);
  });

  it.each([
    ['near', 50, 0],
    ['near', 51, 1],
    ['off', 51, 1],
    ['off', -51, 0],
  ] as const)('a %s scapula %d mm ahead of the top of the withers: %d doubts', (side, ahead, count) => {
    const doubts = scapulaTooFarForward(resolveLandmarks([at('scapulaRest', 30, { side })]), ahead);
    expect(doubts).toEqual(count === 0 ? [] : [{ code: 'SCAPULA_TOO_FAR_FORWARD', side, aheadMm: ahead }]);
  });

  it('the marked top of the withers finds a scapula that lies too far forward', () => {
    const marks = [at('scapulaRest', 0, { side: 'near' }), at('scapulaRest', 0, { side: 'off' }), at('witherTop', 60)];
    expect(resolveLandmarks(marks).doubts.map((d) => d.code)).toEqual(['SCAPULA_TOO_FAR_FORWARD', 'SCAPULA_TOO_FAR_FORWARD']);
  });

  it('the latest reading of each counts', () => {
    expect(resolveLandmarks([...usual, at('lowPoint', 224)]).places.lowPoint).toBe(220);
  });

  it.each([
    [
      'last rib ahead of the scapula',
      at('lastRib', 105, { way: 'fromTheLoin' }),
      [at('scapulaRest', 110, { side: 'near' })],
      'LANDMARK_ORDER',
    ],
    ['withers’ base ahead of their top', at('witherBase', -50), [at('witherTop', -20)], 'LANDMARK_ORDER'],
    ['scapula that swings to the head', at('scapulaForward', -10, { side: 'near' }), usual, 'SCAPULA_TRAVEL_BACKWARD'],
    [
      'muscle inside the spine',
      at('muscleEdge', 50, { station: 'low', pose: 'relaxed' }),
      [at('spineEdge', 60, { station: 'low', pose: 'relaxed' })],
      'MUSCLE_INSIDE_SPINE',
    ],
    ['centimetres for millimetres', at('lastRib', 40, { way: 'alongTheRib' }), [], 'LANDMARK_OUT_OF_RANGE'],
    ['no number', at('lowPoint', Number.NaN), [], 'LANDMARK_OUT_OF_RANGE'],
  ])('refuses a %s', (_, reading, others, code) => {
    expect(landmarkProblems(reading, others).map((p) => p.code)).toContain(code);
  });

  it('a corrected reading is not held against the one it replaces', () => {
    expect(
      landmarkProblems(at('scapulaRest', 0, { side: 'near' }), [
        at('scapulaRest', 60, { side: 'near' }),
        at('scapulaForward', 40, { side: 'near' }),
      ]),
    ).toEqual([]);
  });

  it('asks about what is seldom seen', () => {
    const doubts = resolveLandmarks([
      ...usual,
      at('scapulaForward', 2, { side: 'near' }),
      at('lastRib', 640, { way: 'alongTheRib' }),
    ]).doubts;
    expect(doubts.map((d) => d.code)).toEqual(['TRAVEL_UNLIKELY', 'LAST_RIB_WAYS_DIFFER']);
  });

  it.each([
    [[], 'none', null],
    [[400], 'oneWay', 400],
    [[400, 412], 'agree', 406],
    [[400, 420], 'agree', 410],
    [[400, 420.1], 'askThird', null],
    [[400, 430], 'askThird', null],
    [[400, 450, 430], 'settled', 440],
    [[400, 450.1, 430], 'differ', null],
    [[400, 460, 430], 'differ', null],
    [[400, 430, 424], 'settled', 427],
    [[360, 400, 440], 'differ', null],
  ])('last rib by ways at %j: %s', (ats, state, atMm) => {
    const ways = ['alongTheRib', 'flankHair', 'fromTheLoin'] as const;
    expect(settleLastRib(ats.map((mm, i) => ({ way: ways[i]!, atMm: mm })))).toMatchObject({ state, atMm });
  });

  it('the count from the loin alone sets nothing, beside another it counts', () => {
    expect(settleLastRib([{ way: 'fromTheLoin', atMm: 400 }])).toMatchObject({ state: 'countedOnly', atMm: null });
    expect(resolveLandmarks([at('lastRib', 400, { way: 'fromTheLoin' })]).doubts).toContainEqual({ code: 'LAST_RIB_COUNTED_ONLY' });
    expect(settleLastRib([{ way: 'flankHair', atMm: 400 }])).toMatchObject({ state: 'oneWay', atMm: 400 });
    const both = [
      { way: 'fromTheLoin', atMm: 400 },
      { way: 'flankHair', atMm: 410 },
    ] as const;
    expect(settleLastRib(both)).toMatchObject({ state: 'agree', atMm: 405 });
  });

  it('the order of the ways never matters', () => {
    const ways = ['alongTheRib', 'flankHair', 'fromTheLoin'] as const;
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 300, max: 500 }), { minLength: 3, maxLength: 3 }), (ats) => {
        const byWay = ats.map((atMm, i) => ({ way: ways[i]!, atMm }));
        expect(settleLastRib([...byWay].reverse()).atMm).toEqual(settleLastRib(byWay).atMm);
      }),
    );
  });
});
