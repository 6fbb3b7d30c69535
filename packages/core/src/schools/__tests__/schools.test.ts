import { type CriterionId, type Need, CRITERIA, NEEDS, SCHOOLS, needsOf, schoolById, schoolOf, schoolReadiness } from '..';

type Limits = readonly [least: number | null, most: number | null, stop: 'never' | 'least' | 'most'];

describe('the schools as the trade holds them', () => {
  it.each([
    ['static-close', 50, 'frontSection', 0, 2],
    ['shoulder-line', 50, 'shoulderLine', 0, 2],
    ['room-to-move', 80, 'frontSection', 1, 2],
    ['panel-first', 45, 'frontSection', 0, 4],
    ['western', 50, 'barsAlongShoulder', 0, 2],
  ] as const)('%s: front at %d mm, follows %s, %d widths over, band of %d degrees', (id, stationMm, follows, widthsOver, bandDeg) => {
    expect(schoolById(id).front).toMatchObject({ stationMm, follows, widthsOver, bandDeg });
  });

  const TABLE: readonly (readonly [Parameters<typeof schoolById>[0], CriterionId, Limits | null])[] = [
    ['static-close', 'withersOver', [36, 54, 'least']],
    ['shoulder-line', 'withersOver', [54, null, 'least']],
    ['room-to-move', 'withersOver', [45, null, 'least']],
    ['panel-first', 'withersOver', [36, null, 'least']],
    ['western', 'withersOver', [36, null, 'least']],
    ['static-close', 'pointBehindScapula', [50, null, 'least']],
    ['shoulder-line', 'pointBehindScapula', [40, null, 'least']],
    ['room-to-move', 'pointBehindScapula', null],
    ['panel-first', 'pointBehindScapula', [45, null, 'least']],
    ['western', 'pointBehindScapula', [0, null, 'least']],
    ['room-to-move', 'barBehindForward', [125, null, 'least']],
    ['static-close', 'barBehindForward', null],
    ['static-close', 'channelWidth', [60, null, 'least']],
    ['shoulder-line', 'channelWidth', [80, null, 'least']],
    ['room-to-move', 'channelWidth', [70, null, 'least']],
    ['western', 'channelWidth', [80, null, 'least']],
    ['panel-first', 'ligamentClear', [10, null, 'least']],
    ['static-close', 'ligamentClear', [0, null, 'least']],
    ['static-close', 'panelBeforeRib', [0, null, 'least']],
    ['panel-first', 'panelBeforeRib', [-20, null, 'least']],
    ['room-to-move', 'treeBeforeRib', [0, null, 'least']],
    ['static-close', 'bridgeGap', [null, 3, 'never']],
    ['room-to-move', 'bridgeGap', [null, 6, 'never']],
    ['static-close', 'middleShare', [0.22, 0.44, 'never']],
    ['western', 'middleShare', [0.15, 0.44, 'never']],
    ['shoulder-line', 'withersBeside', [36, null, 'never']],
    ['static-close', 'withersBeside', [20, null, 'never']],
    ['western', 'padThickness', [10, 25, 'never']],
    ['static-close', 'padThickness', [null, 6, 'never']],
    ['panel-first', 'padThickness', [null, 12, 'never']],
  ];
  it.each(TABLE)('%s holds %s to %j', (id, criterion, limits) => {
    const rule = schoolById(id).rules[criterion];
    expect(rule === undefined ? null : [rule.least, rule.most, rule.hardStop]).toEqual(limits);
  });

  it.each(SCHOOLS.map((s) => [s.id, s] as const))(
    '%s: every rule can miss, counts for something, and only refuses at an end it has',
    (_, school) => {
      for (const rule of Object.values(school.rules)) {
        expect(rule.least !== null || rule.most !== null).toBe(true);
        expect(rule.scale).toBeGreaterThan(0);
        expect(rule.weight).toBeGreaterThanOrEqual(0);
        if (rule.hardStop !== 'never') expect(rule[rule.hardStop]).not.toBeNull();
      }
    },
  );
});

describe('what all schools share', () => {
  const shared: readonly (readonly [CriterionId, least: number | null, most: number | null, scale: number, weight: number])[] = [
    ['sits', 1, null, 1, 10],
    ['seatLevel', -2, 2, 2, 2],
    ['roll', -1.5, 1.5, 1.5, 2],
    ['nearShare', 0.45, 0.55, 0.05, 1],
    ['edgeShare', null, 0.4, 0.12, 1],
    ['loadOnMuscle', 0.5, null, 0.15, 0.5],
    ['seatOverLow', -45, 45, 30, 1],
    ['loadOnArea', null, 12, 4, 0.5],
    ['peakRatio', null, 1.6, 0.6, 2],
    ['driftAlong', -0.5, 0.5, 0.25, 0],
    ['driftAcross', -0.5, 0.5, 0.25, 0],
    ['rollShape', 2, null, 1, 1],
    ['rollPush', 5, null, 3, 0.5],
    ['rollLetsGo', 40, null, 20, 1],
    ['yawPush', 8, null, 4, 0.5],
    ['creepWalk', null, 0.3, 2.7, 2],
    ['creepTrot', null, 0.3, 2.7, 2],
    ['creepCanter', null, 0.3, 2.7, 1],
    ['peakRatioRidden', null, 1.6, 0.6, 1],
    ['withersRidden', 18, null, 12, 1.5],
    ['strapLean', -8, 8, 8, 1],
  ];
  it.each(shared)('%s from %s to %s, a scale of %s, counting %s', (id, least, most, scale, weight) => {
    for (const school of SCHOOLS) expect(school.rules[id]).toMatchObject({ least, most, scale, weight });
  });

  it.each([
    ['static-close', 0, 10, 2],
    ['western', -20, 20, 1],
  ] as const)('%s: the panel %d mm behind the blade, a scale of %d, counting %d', (id, least, scale, weight) =>
    expect(schoolById(id).rules.panelBehindScapula).toMatchObject({ least, scale, weight, hardStop: 'never' }),
  );

  it('from where on a link of a chain is told', () => {
    for (const { chains } of SCHOOLS)
      expect(chains).toEqual({
        pitchDeg: 0.8,
        leanDeg: 6,
        slopeN: 30,
        rollDeg: 1,
        across: 0.05,
        along: 0.15,
        pullN: 20,
        rearShare: 0.42,
        withersUpMm: 3,
      });
  });

  it('how far a hand is off', () => {
    for (const { errors } of SCHOOLS)
      expect(errors).toEqual({
        landmarkMm: { lastRib: 10, scapulaRest: 6, scapulaForward: 8, girthGroove: 10, lowPoint: 15, witherBase: 10 },
        byEyeTimes: 3,
        edgeMm: 5,
        topline: { tiltDeg: 0.5, sagMm: 2 },
        noTopline: { tiltDeg: 3, sagMm: 12 },
        placeMm: 4,
      });
  });

  it('how far a front comes down', () => {
    for (const { front } of SCHOOLS) expect([front.sinkMm, front.sinkHalfMm]).toEqual([15, 6]);
  });

  it('what the engine takes for granted', () => {
    for (const { engine } of SCHOOLS) {
      expect(engine.stiffnessKPaPerMm).toEqual({ wool: 2.5, foam: 3, air: 1.5, tissue: 4, feltPad: 5, point: 4 });
      expect(engine.gaitFactors).toEqual({ stand: 1, walk: 1.2, trot: 2, canter: 2.5, jump: 3.5 });
      expect(engine.unmeasured).toEqual({ liftMm: 15, travelMm: 45, bladeMm: 12 });
      expect(engine.blade).toEqual({ innerMm: 50, fullMm: 90, outerMm: 190, softMm: 25 });
      expect(engine.girthBuckle).toEqual({ belowMm: 420, halfMm: 190, apartMm: 40 });
      expect(engine.poseShares).toEqual({ resting: 0.6, lifted: 0.2, shoulderBack: 0.2 });
      expect([engine.hardeningMm, engine.friction, engine.shearShare, engine.strapPullN]).toEqual([25, 0.35, 0.35, 40]);
      expect(engine.stays).toEqual({ levelMm: 20, turnDeg: 8 });
      expect(engine.strapV).toEqual({ spreadMm: 90, ringBelowMm: 120 });
      expect(engine.points).toEqual({ reachMm: 15, flapShare: 0.5 });
      expect(engine.tree).toEqual({
        rigid: null,
        sprung: { bendNmPerDeg: 60, openNmPerDeg: 60 },
        flexible: { bendNmPerDeg: 15, openNmPerDeg: 20 },
      });
      expect(engine.pushes).toEqual({ shapeNm: 10, shapeStays: { levelMm: 80, turnDeg: 30 }, handNm: 20, mostNm: 160 });
      expect(engine.creepMm).toEqual({ stays: 0.3, runs: 3 });
      expect(engine.published).toEqual({ meanKPa: 11, peakKPa: 30 });
    }
  });

  it('each is found by its id and has a name of its own', () => {
    expect(SCHOOLS.map((s) => [s.id, s.name])).toEqual([
      ['static-close', 'Static close'],
      ['shoulder-line', 'Shoulder line'],
      ['room-to-move', 'Room to move'],
      ['panel-first', 'Panel first'],
      ['western', 'Western'],
    ]);
    for (const school of SCHOOLS) expect(schoolOf(school.id, [])).toBe(school);
  });
});

describe('what a school can say from what is measured', () => {
  const FRONT: ReadonlySet<Need> = new Set(['frontSection']);
  it('a school whose front follows something else says what it waits for', () => {
    const waits = SCHOOLS.map((s) => [s.id, schoolReadiness(s, FRONT).frontWaitsFor]);
    expect(waits).toEqual([
      ['static-close', []],
      ['shoulder-line', ['shoulderLine']],
      ['room-to-move', []],
      ['panel-first', []],
      ['western', ['shoulderLine', 'bars']],
    ]);
  });

  it('every rule that can refuse a saddle is told of, and what it waits for is named', () => {
    for (const school of SCHOOLS) {
      const { answerable, waiting } = schoolReadiness(school, FRONT);
      const refusing = (Object.keys(school.rules) as CriterionId[]).filter((id) => school.rules[id]!.hardStop !== 'never' && id !== 'sits');
      expect([...answerable, ...waiting.map((w) => w.criterion)].sort()).toEqual([...refusing, 'frontEven'].sort());
      expect(waiting.every((w) => w.missing.length > 0)).toBe(true);
    }
  });

  it('with everything measured nothing waits', () => {
    for (const school of SCHOOLS) expect(schoolReadiness(school, new Set(NEEDS)).waiting).toEqual([]);
  });

  it('a rule about how a saddle lies waits for one to lie there', () => {
    expect(needsOf('pointBehindScapula', schoolById('static-close'))).toEqual(['scapulaAtRest', 'saddlePosition']);
    expect(needsOf('withersOver', schoolById('static-close'))).toEqual(CRITERIA.withersOver.needs);
  });
});
