import { lengthwiseFromDrops, lengthwiseFromPoints } from '../lengthwise';
import { consensusLine, lineAgreement } from '../line-agreement';
import { profileWarnings } from '../take-warnings';
import { measureTopline, topOfWithersMm } from '../topline-measures';

const line = (height: (x: number) => number, from = -100, to = 620, noise = 0) => {
  const outcome = lengthwiseFromPoints(
    Array.from({ length: (to - from) / 20 + 1 }, (_, i) => ({
      xMm: from + 20 * i,
      zMm: height(from + 20 * i) + noise * Math.sin(i * 1.7),
    })),
  );
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  return outcome.value;
};

describe('the topline', () => {
  it('reads dip, its place and the drop of a parabola hung under a sloping chord', () => {
    const slope = -0.05;
    const m = measureTopline(
      line((x) => slope * x - 30 * (1 - ((x - 225) / 175) ** 2)),
      { frontMm: 50, lastRibMm: 400 },
    )!;
    expect(m.dipMm).toBeCloseTo(30 * Math.cos(Math.atan(slope)), 0);
    expect(Math.abs(m.dipAtMm - 225)).toBeLessThanOrEqual(10);
    expect(m.dropMm).toBeCloseTo(17.5, 0);
    expect(m.straightMm).toBeCloseTo(Math.hypot(350, 17.5), 1);
    expect(m.alongMm).toBeGreaterThan(m.straightMm);
  });

  it('reads the radius of a circle', () => {
    const m = measureTopline(
      line((x) => 1200 - Math.sqrt(1200 ** 2 - (x - 225) ** 2)),
      { frontMm: 50, lastRibMm: 400 },
    )!;
    expect(m.leastRadiusMm!).toBeGreaterThan(1100);
    expect(m.leastRadiusMm!).toBeLessThan(1260);
  });

  it('a roached back has a negative dip, and a line too short has no measures', () => {
    expect(
      measureTopline(
        line((x) => 20 * Math.sin(((x - 50) / 350) * Math.PI)),
        { frontMm: 50, lastRibMm: 400 },
      )!.dipMm,
    ).toBeCloseTo(-20, 0);
    expect(
      measureTopline(
        line(() => 0, -100, 300),
        { frontMm: 50, lastRibMm: 400 },
      ),
    ).toBeNull();
  });

  it('drops below a level line are heights', () => {
    const outcome = lengthwiseFromDrops([0, 100, 200, 300].map((xMm) => ({ xMm, dropMm: 5 + xMm / 100 })));
    expect(outcome).toMatchObject({ ok: true, value: { coarse: true } });
    if (outcome.ok) expect(outcome.value.points[0]!.zMm - outcome.value.points.at(-1)!.zMm).toBeCloseTo(3);
  });

  it.each([
    [[{ xMm: 0, zMm: 0 }], 'LINE_TOO_FEW_POINTS'],
    [[0, 10, 20].map((xMm) => ({ xMm, zMm: 0 })), 'LINE_LENGTH'],
    [[0, 1000, 4000].map((xMm) => ({ xMm, zMm: 0 })), 'LINE_LENGTH'],
    [
      [
        { xMm: 0, zMm: 0 },
        { xMm: 10, zMm: 200 },
        { xMm: 300, zMm: 0 },
      ],
      'LINE_TOO_STEEP',
    ],
    [[{ xMm: Number.NaN, zMm: 0 }], 'LINE_NOT_A_NUMBER'],
  ])('refuses what no back is: %#', (raw, code) => {
    expect(lengthwiseFromPoints(raw)).toMatchObject({ ok: false, problems: [{ code }] });
  });
});

describe('takes of a topline', () => {
  const back = (x: number) => -0.03 * x - 18 * Math.sin((Math.PI * Math.max(0, x)) / 620);
  const takes = [
    { id: 'a', line: line(back) },
    { id: 'b', line: line((x) => back(x) + 4 + 0.008 * x, -100, 620, 0.4) },
    { id: 'c', line: line((x) => back(x) - 7, -80, 600, 0.5) },
  ];

  it('agree through a lift and a slight tilt, and their consensus lies between', () => {
    const agreement = lineAgreement(takes);
    expect(agreement.state).toBe('agree');
    expect(agreement.accepted).toEqual(['a', 'b', 'c']);
    expect(measureTopline(consensusLine(takes, agreement)!, { frontMm: 50, lastRibMm: 400 })!.dipMm).toBeCloseTo(
      measureTopline(takes[0]!.line, { frontMm: 50, lastRibMm: 400 })!.dipMm,
      0,
    );
  });

  it('name the one with another shape', () => {
    const odd = { id: 'x', line: line((x) => back(x) * 1.6) };
    expect(lineAgreement([...takes, odd]).odd.map((o) => o.id)).toEqual(['x']);
  });

  it('a profile lower than the topline was taken with the head down', () => {
    const topline = line((x) => 60 * Math.exp(-(((x + 20) / 120) ** 2)));
    const profile = (share: number) => line((x) => share * 60 * Math.exp(-(((x + 20) / 120) ** 2)), -100, 200);
    expect(profileWarnings(profile(1.05), topline)).toEqual([]);
    expect(profileWarnings(profile(0.6), topline)).toMatchObject([{ code: 'HEAD_DOWN' }]);
  });
});

describe('the top of the withers on a topline', () => {
  it('is where it is highest ahead of the middle, the mean of a flat top', () => {
    expect(topOfWithersMm(line((x) => -((x + 20) ** 2) / 2000))).toBeCloseTo(-20, 6);
    expect(topOfWithersMm(line((x) => -0.3 * Math.max(0, Math.abs(x) - 40)))).toBeCloseTo(0, 6);
  });

  it('is not known where the line still rises at its end', () => {
    expect(topOfWithersMm(line((x) => -0.3 * x))).toBeUndefined();
    expect(topOfWithersMm(line((x) => 0.3 * x))).toBeUndefined();
  });
});
