import { paperScale, reachOf } from '../paper-scale';

describe('paper scale', () => {
  const scale = paperScale(390, 260, { halfWidthMm: 200, aboveMm: 40, belowMm: 180 });

  it('is the same both ways and keeps the spine in the middle', () => {
    expect(scale.x(0)).toBeCloseTo(195, 9);
    expect(scale.x(100) - scale.x(0)).toBeCloseTo(scale.y(0) - scale.y(100), 9);
  });

  it('near is on the left, off on the right, up is up', () => {
    expect(scale.x(-10)).toBeLessThan(scale.x(10));
    expect(scale.y(10)).toBeLessThan(scale.y(-10));
  });

  it('a place on the screen and back is the same place', () => {
    const { yMm, zMm } = scale.toMm(scale.x(-73), scale.y(-41));
    expect([yMm, zMm]).toEqual([expect.closeTo(-73, 9), expect.closeTo(-41, 9)]);
  });

  it('shows every point it was asked to show', () => {
    const reach = reachOf([
      { yMm: -260, zMm: -300 },
      { yMm: 10, zMm: 55 },
    ]);
    expect(reach.halfWidthMm).toBeGreaterThan(260);
    expect(reach.belowMm).toBeGreaterThan(300);
    expect(reach.aboveMm).toBeGreaterThan(55);
  });
});
