import { type LegPlace, BAND_SETS, HEEL_LIMITS_MM, KNEE_BANDS, PURPOSES, bandMiddle, plumbOf, riderBody, weightShare } from '..';

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
  it.each([1399, 2101, 900])('of %d mm are not: every length is to be measured', (stature) => {
    expect(new Set(codes({ stature }))).toEqual(new Set(['RIDER_MEASURE_MISSING']));
    expect(codes({ stature })).toHaveLength(11);
  });
  it('of unknown stature neither', () => expect(codes({ thigh: 400 })).toHaveLength(10));
  it.each([[{ stature: -5 }], [{ stature: 1700, thigh: Number.NaN }], [{ stature: 17_000 }]])('%j is refused', (measured) =>
    expect(codes(measured)).toEqual(['RIDER_MEASURE_OUT_OF_RANGE']),
  );
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
