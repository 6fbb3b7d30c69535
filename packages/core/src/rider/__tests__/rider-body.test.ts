import {
  type LegPlace,
  type RiderMeasure,
  TOGETHER_SD,
  measuredTwice,
  oddLengths,
  BAND_SETS,
  HEEL_LIMITS_MM,
  KNEE_BANDS,
  PURPOSES,
  bandMiddle,
  plumbOf,
  riderBody,
  weightShare,
} from '..';

const body = (measured: Parameters<typeof riderBody>[0]) => {
  const outcome = riderBody(measured);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  return outcome.value;
};
const codes = (measured: Parameters<typeof riderBody>[0]) => {
  const outcome = riderBody(measured);
  return outcome.ok ? [] : outcome.problems.map((p) => p.code);
};

describe('a rider’s lengths', () => {
  it('from the stature alone are filled in by proportion, and marked', () => {
    const { thigh, kneeToSole, ankleHeight, hipJointAboveSeat } = body({ stature: 1700 });
    expect(thigh).toEqual({ mm: expect.closeTo(416.5, 9), from: 'stature', sdMm: 19 });
    expect(kneeToSole.mm).toBeCloseTo(484.5, 9);
    expect(ankleHeight.mm).toBeCloseTo(66.3, 9);
    expect(hipJointAboveSeat.mm).toBeCloseTo(93.5, 9);
  });

  it('with the inside leg thigh and shank share the hip joint’s height, and are surer', () => {
    const { thigh, kneeToSole, ankleHeight } = body({ stature: 1700, insideLeg: 800 });
    expect(thigh).toEqual({ mm: expect.closeTo(0.462 * 893.5, 9), from: 'insideLeg', sdMm: 14 });
    expect(kneeToSole).toEqual({ mm: expect.closeTo(0.538 * 893.5, 9), from: 'insideLeg', sdMm: 12 });
    expect(ankleHeight.from).toBe('stature');
  });

  it('measured ones are taken as they are', () =>
    expect(body({ stature: 1700, insideLeg: 800, thigh: 430 }).thigh).toEqual({ mm: 430, from: 'measured', sdMm: 5 }));

  it.each([
    [1400, []],
    [2100, []],
  ])('of %d mm are filled in', (stature, wanted) => expect(codes({ stature })).toEqual(wanted));
  it.each([
    [1000, []],
    [1399, []],
  ])('of a child of %d mm too', (stature, wanted) => expect(codes({ stature })).toEqual(wanted));
  it('a child’s are half as sure as an adult’s', () => {
    expect(body({ stature: 1399 }).thigh.sdMm).toBe(2 * body({ stature: 1400 }).thigh.sdMm);
    expect(body({ stature: 1399, insideLeg: 660 }).kneeToSole.sdMm).toBeCloseTo(2 * 12, 9);
    expect(body({ stature: 1400, insideLeg: 660 }).kneeToSole.sdMm).toBeCloseTo(12, 9);
  });
  it('the arm, or the inside leg, is enough to begin with; what it is unsure by comes on top', () => {
    const { thigh } = body({ armpitToFingertip: 0.38 * 1700 });
    expect(thigh).toEqual({
      mm: expect.closeTo(0.245 * 1700, 9),
      from: 'arm',
      sdMm: expect.closeTo(Math.hypot(19, (0.245 * 20) / 0.38), 9),
    });
    expect(body({ insideLeg: 0.475 * 1700 }).ankleHeight.from).toBe('insideLeg');
    expect(body({ insideLeg: 0.475 * 1700 }).ankleHeight.mm).toBeCloseTo(66.3, 9);
  });
  it.each([999, 2101, 900])('of %d mm are not: every length is to be measured', (stature) => {
    expect(new Set(codes({ stature }))).toEqual(new Set(['RIDER_MEASURE_MISSING']));
    expect(codes({ stature })).toHaveLength(11);
  });
  it('of unknown stature neither', () => expect(codes({ thigh: 400 })).toHaveLength(10));
  it.each([[{ stature: -5 }], [{ stature: 1700, thigh: Number.NaN }], [{ stature: 17_000 }]])('%j is refused', (measured) =>
    expect(codes(measured)).toEqual(['RIDER_MEASURE_OUT_OF_RANGE']),
  );
});

describe('lengths held against each other', () => {
  const of = (measured: Parameters<typeof oddLengths>[0], twice: readonly RiderMeasure[] = []) =>
    oddLengths(measured, new Set(twice)).map((o) => [o.measure, o.against, o.level]);
  const SD = Math.hypot(25, 5);

  it.each([
    [0, []],
    [TOGETHER_SD.asked - 0.01, []],
    [TOGETHER_SD.asked + 0.01, [['insideLeg', 'stature', 'asked']]],
    [TOGETHER_SD.refused - 0.01, [['insideLeg', 'stature', 'asked']]],
    [TOGETHER_SD.refused + 0.01, [['insideLeg', 'stature', 'refused']]],
  ])('an inside leg %d standard deviations off, either way', (sds, wanted) => {
    for (const sign of [-1, 1]) expect(of({ stature: 1700, insideLeg: 0.475 * 1700 + sign * sds * SD })).toEqual(wanted);
  });

  it('what nobody has is refused with what is expected and against what', () => {
    const outcome = riderBody({ stature: 1700, insideLeg: 650, armpitToFingertip: 400 });
    if (outcome.ok) throw new Error('nobody is so');
    expect(outcome.problems.map((p) => [p.code, p.values])).toEqual([
      [
        'RIDER_LENGTHS_DISAGREE',
        expect.objectContaining({
          measure: 'insideLeg',
          mm: 650,
          expectedMm: expect.closeTo(807.5, 9),
          against: 'stature',
          againstMm: 1700,
        }),
      ],
      ['RIDER_LENGTHS_DISAGREE', expect.objectContaining({ measure: 'armpitToFingertip', mm: 400, expectedMm: expect.closeTo(646, 9) })],
    ]);
  });

  it('one measured twice with one answer is a person, not a slip', () => {
    expect(of({ stature: 1700, insideLeg: 650 }, ['insideLeg'])).toEqual([]);
    expect(riderBody({ stature: 1700, insideLeg: 650 }, new Set(['insideLeg'] as const)).ok).toBe(true);
  });

  it('one that is asked about makes the leg less sure by half of what it is off, whether taken or worked with', () => {
    const off = 4 * Math.hypot(19, 5);
    expect(body({ stature: 1700, thigh: 0.245 * 1700 + off }).thigh.sdMm).toBeCloseTo(Math.hypot(5, off / 2), 9);
    const asked = body({ stature: 1700, insideLeg: 0.475 * 1700 - 4 * SD }).thigh.sdMm;
    expect(asked).toBeCloseTo(Math.hypot(14, 0.462 * (Math.hypot(5, 2 * SD) - 5)), 9);
  });

  it('a child’s are held against each other with its spread', () => {
    const off = 4 * SD;
    expect(of({ stature: 1300, insideLeg: 0.475 * 1300 + off })).toEqual([]);
    expect(of({ stature: 1400, insideLeg: 0.475 * 1400 + off })).toHaveLength(1);
  });

  it('without a stature against the inside leg, and without that against the arm; nothing against nothing', () => {
    expect(of({ insideLeg: 800, kneeToSole: 900 })).toEqual([['kneeToSole', 'insideLeg', 'refused']]);
    expect(of({ armpitToFingertip: 640, kneeToSole: 900 })).toEqual([['kneeToSole', 'armpitToFingertip', 'refused']]);
    expect(of({ kneeToSole: 900, thigh: 100 })).toEqual([]);
  });

  it('breadths follow the weight and are held against nothing', () => expect(of({ stature: 1700, hipBreadth: 690 })).toEqual([]));

  it('twice is within fifteen millimetres of the newest that stands', () => {
    const day = (takenOn: string, thigh: number, withdrawn = false) => ({ takenOn, withdrawn, lengthsMm: { thigh } });
    expect([...measuredTwice([day('2026-01-01', 415), day('2026-02-01', 400)])]).toEqual(['thigh']);
    expect([...measuredTwice([day('2026-01-01', 416), day('2026-02-01', 400)])]).toEqual([]);
    expect([...measuredTwice([day('2026-01-01', 400, true), day('2026-02-01', 400)])]).toEqual([]);
    expect([...measuredTwice([day('2026-02-01', 400)])]).toEqual([]);
  });
});

describe('the bands', () => {
  it.each(BAND_SETS)('%s: every purpose has one, least below most, inside of what a knee does', (set) => {
    for (const purpose of PURPOSES) {
      const [least, most] = KNEE_BANDS[set][purpose];
      expect(least).toBeLessThan(most);
      expect(least).toBeGreaterThanOrEqual(70);
      expect(most).toBeLessThan(165);
      expect(bandMiddle([least, most])).toBe((least + most) / 2);
    }
  });
  it('as on a photo: general 118 to 126, advanced flat 130 to 138; as spoken: 125 to 135 and 145 to 155', () => {
    expect([KNEE_BANDS.photo.general, KNEE_BANDS.photo.advancedFlat]).toEqual([
      [118, 126],
      [130, 138],
    ]);
    expect([KNEE_BANDS.spoken.general, KNEE_BANDS.spoken.advancedFlat]).toEqual([
      [125, 135],
      [145, 155],
    ]);
  });
  it('the higher the fence the shorter the leather', () => {
    for (const set of BAND_SETS) {
      const [low, middle, high] = (['fencesLow', 'fencesMiddle', 'fencesHigh'] as const).map((p) => bandMiddle(KNEE_BANDS[set][p]));
      expect(low!).toBeGreaterThan(middle!);
      expect(middle!).toBeGreaterThan(high!);
    }
  });
});

describe('the heel against the hip’s plumb', () => {
  const plumb = (heelMm: number) => plumbOf({ ankle: { xMm: heelMm - 40 }, hip: { xMm: 0 } } as unknown as LegPlace, 40);
  it.each([
    [-20.1, 'chair', 0.1],
    [-20, 'even', 0],
    [0, 'even', 0],
    [50, 'even', 0],
    [50.1, 'tipped', -0.1],
    [-80, 'chair', 60],
  ] as const)('%d mm behind it: %s, the bar %d mm toward the tail', (mm, balance, shift) => {
    expect(plumb(mm)).toMatchObject({ balance });
    expect(plumb(mm).heelBehindHipMm).toBeCloseTo(mm, 9);
    expect(plumb(mm).barShiftMm).toBeCloseTo(shift, 9);
  });
  it('is judged by limits that stand once', () => expect(HEEL_LIMITS_MM).toEqual({ chairBelow: -20, tippedAbove: 50 }));
});

describe('rider and tack on the horse', () => {
  it.each([
    [60, 'fine', false],
    [74, 'fine', true],
    [75, 'fine', true],
    [75.1, 'note', false],
    [95, 'note', true],
    [100.1, 'caution', false],
    [120, 'caution', true],
    [125, 'caution', true],
    [125.1, 'professional', false],
  ] as const)('%d kg on 500: %s, borderline %s', (load, level, borderline) =>
    expect(weightShare(load, 500)).toMatchObject({ level, borderline }),
  );
  it('what lowers the levels lowers all of them', () => {
    expect(weightShare(100.1, 500, 5).level).toBe('professional');
    expect(weightShare(51, 500, 5).level).toBe('note');
    expect(weightShare(50, 500, 5).level).toBe('fine');
  });
});
