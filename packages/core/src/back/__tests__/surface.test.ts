import fc from 'fast-check';
import { type PointYZ, point } from '../../geometry';
import { lengthwiseFromPoints } from '../lengthwise';
import { type Section, mirroredSection } from '../section';
import { sectionFromPoints } from '../section-from-points';
import { type StationSection, backSurface, surfaceHeightMm, surfaceSlope } from '../surface';

/** A parabola z = -y^2 / 2R on the near side and R' on the off. */
function parabola(nearRadius: number, offRadius = nearRadius): Section {
  const points: PointYZ[] = Array.from({ length: 49 }, (_, i) => {
    const y = (i - 24) * 8;
    return point(y, -(y * y) / (2 * (y < 0 ? nearRadius : offRadius)));
  });
  const outcome = sectionFromPoints(points);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  return outcome.value.section;
}

const built = (stations: readonly StationSection[], topline: ((x: number) => number) | null = null) => {
  const read =
    topline === null
      ? null
      : lengthwiseFromPoints(Array.from({ length: 61 }, (_, i) => ({ xMm: -100 + 10 * i, zMm: topline(-100 + 10 * i) })));
  const outcome = backSurface({ stations, topline: read?.ok ? read.value : null });
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  return outcome.value;
};

describe('the back surface', () => {
  it('of one section all along is that section everywhere', () => {
    const surface = built([50, 200, 400].map((xMm) => ({ xMm, section: parabola(90) })));
    for (const x of [50, 111, 263, 400]) {
      for (const y of [-120, -55, 0, 40, 130]) expect(surfaceHeightMm(surface, x, y)).toBeCloseTo(-(y * y) / 180, 0);
    }
    expect(surfaceSlope(surface, 200, 60).acrossY).toBeCloseTo(-60 / 90, 1);
    expect(surfaceSlope(surface, 200, 60).alongX).toBeCloseTo(0, 6);
  });

  it('goes through its stations and hangs on the topline', () => {
    const stations = [90, 120, 150].map((r, i) => ({ xMm: 50 + 150 * i, section: parabola(r) }));
    const surface = built(stations, (x) => -0.04 * x);
    expect(surfaceHeightMm(surface, 200, 0)).toBeCloseTo(-8, 1);
    expect(surfaceHeightMm(surface, 200, 60)).toBeCloseTo(-8 - 3600 / 240, 0);
    expect(surfaceSlope(surface, 200, 0).alongX).toBeCloseTo(-0.04, 3);
  });

  it('never leaves what its two neighbouring stations hold', () => {
    const radii = fc.array(fc.integer({ min: 60, max: 220 }), { minLength: 3, maxLength: 6 });
    fc.assert(
      fc.property(radii, fc.integer({ min: 2, max: 30 }), (rs, j) => {
        const surface = built(rs.map((r, i) => ({ xMm: 50 + 90 * i, section: parabola(r) })));
        const { off, xMm } = surface.ribbons;
        const at = (row: number): number => off.z[row * off.count + Math.min(j, off.count - 1)]!;
        const rowOf = (station: number): number => xMm.findIndex((x) => Math.abs(x - (50 + 90 * station)) < 2.6);
        for (let k = 0; k + 1 < rs.length; k++) {
          const [a, b] = [rowOf(k), rowOf(k + 1)];
          for (let row = a; row <= b; row++) {
            expect(at(row)).toBeGreaterThanOrEqual(Math.min(at(a), at(b)) - 1);
            expect(at(row)).toBeLessThanOrEqual(Math.max(at(a), at(b)) + 1);
          }
        }
      }),
      { numRuns: 40 },
    );
  });

  it('a mirrored horse has the mirrored surface', () => {
    const stations = [parabola(90, 110), parabola(120, 140)].map((section, i) => ({ xMm: 50 + 200 * i, section }));
    const [as, mirrored] = [built(stations), built(stations.map((s) => ({ ...s, section: mirroredSection(s.section) })))];
    for (const y of [-130, -40, 20, 90]) expect(surfaceHeightMm(mirrored, 130, -y)).toBeCloseTo(surfaceHeightMm(as, 130, y), 6);
  });

  it('says where it is sparse, and is least sure far from any station', () => {
    const surface = built([50, 100, 420].map((xMm) => ({ xMm, section: parabola(100) })));
    const row = (x: number) => surface.ribbons.xMm.findIndex((at) => Math.abs(at - x) < 2.6);
    expect(surface.sparse[row(75)]).toBe(0);
    expect(surface.sparse[row(260)]).toBe(1);
    expect(surface.sparse[row(20)]).toBe(1);
    expect(surface.uncertaintyMm[row(260)]!).toBeGreaterThan(surface.uncertaintyMm[row(75)]!);
    expect(surface.uncertaintyMm[row(100)]!).toBeCloseTo(1.5, 1);
    expect(surface.hasTopline).toBe(false);
  });

  it('needs two stations that are not the same place', () => {
    expect(backSurface({ stations: [{ xMm: 50, section: parabola(90) }], topline: null })).toMatchObject({
      problems: [{ code: 'SURFACE_TOO_FEW_STATIONS' }],
    });
    const twice = [50, 51].map((xMm) => ({ xMm, section: parabola(90) }));
    expect(backSurface({ stations: twice, topline: null })).toMatchObject({ problems: [{ code: 'SURFACE_STATIONS_COINCIDE' }] });
  });
});
