import fc from 'fast-check';
import { point } from '../../geometry';
import { sectionFromPoints } from '../section-from-points';
import { sectionFromWidths } from '../section-from-widths';
import { halfWidthAtMm, measureSection } from '../section-measures';
import { mirroredSection, sideOutward } from '../section';

const wedgePoints = [-200, -150, -100, -50, 0, 50, 100, 150, 200].map((y) => point(y, -Math.abs(y)));
const codes = (outcome: { ok: boolean; problems?: readonly { code: string }[] }) =>
  outcome.ok ? [] : outcome.problems!.map((p) => p.code);

describe('a section from points', () => {
  it('goes through every point, whatever order they were tapped in', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(wedgePoints, { minLength: wedgePoints.length }), (points) => {
        const outcome = sectionFromPoints(points);
        expect(outcome.ok).toBe(true);
        if (outcome.ok) expect(halfWidthAtMm(sideOutward(outcome.value.section, 'off'), 150)).toBeCloseTo(150, 6);
      }),
    );
  });

  it.each([
    ['too few', wedgePoints.slice(0, 3), 'SECTION_TOO_FEW_POINTS'],
    ['letters', [...wedgePoints, point(Number.NaN, 3)], 'SECTION_NOT_A_NUMBER'],
    ['metres', wedgePoints.map((p) => point(p.yMm / 1000, p.zMm / 1000)), 'SECTION_TOO_SMALL'],
    ['tenths', wedgePoints.map((p) => point(p.yMm * 10, p.zMm * 10)), 'SECTION_TOO_LARGE'],
    ['one side', wedgePoints.slice(4).concat(point(20, -10)), 'SECTION_ONE_SIDED'],
    ['a side that turns up again', [...wedgePoints, point(230, -120), point(260, -60)], 'SECTION_FOLDS'],
    ['all one point', Array.from({ length: 9 }, () => point(5, 5)), 'SECTION_TOO_SMALL'],
    ['a hundred thousand', Array.from({ length: 100_000 }, (_, i) => point(i, 0)), 'SECTION_TOO_MANY_POINTS'],
  ])('refuses %s with the value named', (_, points, code) => {
    expect(codes(sectionFromPoints(points))).toContain(code);
  });

  it('leaves duplicates out and says how many', () => {
    const outcome = sectionFromPoints([...wedgePoints, ...wedgePoints]);
    expect(outcome.ok && outcome.value.duplicates).toBe(wedgePoints.length);
  });

  it('never throws and never makes a NaN, whatever the points', () => {
    const coordinate = fc.oneof(fc.double(), fc.integer({ min: -500, max: 500 }));
    fc.assert(
      fc.property(fc.array(fc.record({ yMm: coordinate, zMm: coordinate }), { maxLength: 40 }), (points) => {
        const outcome = sectionFromPoints(points);
        if (outcome.ok) expect(outcome.value.section.points.every((p) => Number.isFinite(p.yMm + p.zMm))).toBe(true);
        else expect(outcome.problems.length).toBeGreaterThan(0);
      }),
      { numRuns: 500 },
    );
  });
});

const widths = (pairs: readonly (readonly [number, number, number])[]) =>
  pairs.map(([depthMm, nearMm, offMm]) => ({ depthMm, nearMm, offMm }));

describe('a section from widths at depths', () => {
  it('a parabola comes back exactly', () => {
    const parabola = (d: number) => Math.sqrt(2 * 60 * d);
    const outcome = sectionFromWidths(widths([30, 60, 120].map((d) => [d, parabola(d), parabola(d)])));
    if (!outcome.ok) throw new Error('refused');
    const side = sideOutward(outcome.value, 'off');
    for (const p of side) expect(p.yMm).toBeCloseTo(parabola(-p.zMm), 6);
  });

  it('a rounded wedge comes back from two depths: w^2 = 2 R d + t^2 d^2', () => {
    const wedge = (d: number) => Math.sqrt(2 * 18 * d + 1.1 * d * d);
    const outcome = sectionFromWidths(widths([60, 120].map((d) => [d, wedge(d), wedge(d)])));
    if (!outcome.ok) throw new Error('refused');
    for (const p of sideOutward(outcome.value, 'near')) expect(p.yMm).toBeCloseTo(wedge(-p.zMm), 6);
  });

  it('goes through every width and never leaves the widths on either side of a place', () => {
    const depths = fc.uniqueArray(fc.integer({ min: 5, max: 300 }), { minLength: 2, maxLength: 6 });
    fc.assert(
      fc.property(depths, fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 6, maxLength: 6 }), (at, steps) => {
        const sorted = [...at].sort((a, b) => a - b);
        let w = 0;
        const entries = sorted.map((d, i) => ((w += steps[i]!), [d, w, w] as const));
        const outcome = sectionFromWidths(widths(entries));
        if (!outcome.ok) throw new Error('refused');
        const side = sideOutward(outcome.value, 'near');
        for (let i = 1; i < side.length; i++) expect(side[i]!.yMm).toBeGreaterThanOrEqual(side[i - 1]!.yMm - 1e-9);
        expect(side.at(-1)!.yMm).toBeCloseTo(w, 6);
      }),
    );
  });

  it.each([
    ['one depth', [[60, 80, 80]], 'WIDTHS_TOO_FEW'],
    [
      'a zero width',
      [
        [60, 0, 80],
        [120, 130, 130],
      ],
      'WIDTH_NOT_POSITIVE',
    ],
    [
      'crossing widths',
      [
        [60, 130, 80],
        [120, 80, 130],
      ],
      'WIDTHS_CROSS',
    ],
    [
      'the same depth twice',
      [
        [60, 80, 80],
        [60, 90, 90],
      ],
      'WIDTH_DEPTH_TWICE',
    ],
    [
      'a depth of nothing',
      [
        [0, 80, 80],
        [60, 90, 90],
      ],
      'WIDTH_DEPTH_NOT_POSITIVE',
    ],
    [
      'a barn door',
      [
        [60, 80, 80],
        [120, 900, 130],
      ],
      'WIDTH_OUT_OF_RANGE',
    ],
  ] as const)('refuses %s', (_, entries, code) => {
    expect(codes(sectionFromWidths(widths(entries)))).toContain(code);
  });
});

describe('what is measured on a section', () => {
  it('reads a wedge as a wedge', () => {
    const fine = Array.from({ length: 81 }, (_, i) => point(-200 + 5 * i, -Math.abs(-200 + 5 * i)));
    const outcome = sectionFromPoints(fine);
    if (!outcome.ok) throw new Error('refused');
    const m = measureSection(outcome.value.section);
    expect(m.includedAngleDeg).toBeCloseTo(90, 2);
    expect(m.widthsMm).toEqual([expect.closeTo(120, 4), expect.closeTo(240, 4)]);
    expect(m.offMinusNear.angleDeg).toBeCloseTo(0, 6);
  });

  it('swaps near and off in a mirror and nothing else', () => {
    const outcome = sectionFromPoints(wedgePoints.map((p) => (p.yMm > 0 ? point(p.yMm * 1.1, p.zMm) : p)));
    if (!outcome.ok) throw new Error('refused');
    const plain = measureSection(outcome.value.section);
    const mirrored = measureSection(mirroredSection(outcome.value.section));
    expect(mirrored.near.angleDeg).toBeCloseTo(plain.off.angleDeg!, 9);
    expect(mirrored.widthsMm[0]).toBeCloseTo(plain.widthsMm[0]!, 9);
    expect(mirrored.offMinusNear.angleDeg).toBeCloseTo(-plain.offMinusNear.angleDeg!, 9);
  });
});
