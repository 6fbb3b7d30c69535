import fc from 'fast-check';
import { saddleFor } from '../../sit/__tests__/invented-horses';
import {
  NOTHING_ADDED,
  ZONES,
  archPoint,
  archOfSetting,
  presentSetup,
  saddleProblems,
  underside,
  zoneShare,
  SADDLE_MEASURE_IDS,
  SADDLE_MEASURE_PATHS,
} from '..';

const saddle = saddleFor(90);
const setup = presentSetup(saddle, 50);

describe('the underside of a saddle', () => {
  it('lies a panel’s depth, normal to it, under the tree point', () => {
    const under = underside(saddle, setup);
    const { start, halfAngleRad } = archPoint(archOfSetting(saddle.front, saddle.front.settings[setup.width]!));
    const u = 60;
    const row = under.rowAt(u);
    const y = 80;
    const tree = under.roofAt(u) - (-start.zMm + (y - start.yMm) / row.tangent);
    expect(Math.abs(halfAngleRad - Math.PI / 4)).toBeLessThan(1e-9);
    const thick = (tree - under.heightIn(row, u, y)) * row.slopeCosine;
    expect(Math.abs(thick - 30)).toBeLessThan(3);
  });

  it('is nowhere outside its panels, and the same on both sides', () => {
    const under = underside(saddle, setup);
    const row = under.rowAt(150);
    expect(under.heightIn(row, 150, 10)).toBeNaN();
    expect(under.heightIn(row, 150, 200)).toBeNaN();
    for (const y of [40, 60, 90, 120]) expect(under.heightIn(row, 150, y)).toBeCloseTo(under.heightIn(row, 150, -y), 12);
  });

  it('comes down by what is filled in, on its own side and zone only', () => {
    const filled = { ...setup, flock: { ...NOTHING_ADDED, near: { front: 6, middle: 0, rear: 0 } } };
    const [plain, thick] = [underside(saddle, setup), underside(saddle, filled)];
    const at = (under: typeof plain, u: number, y: number) => under.heightIn(under.rowAt(u), u, y) * under.rowAt(u).slopeCosine;
    const u = saddle.build.frame.lengthMm / 6;
    expect(at(plain, u, -80) - at(thick, u, -80)).toBeCloseTo(6, 6);
    expect(at(thick, u, 80)).toBeCloseTo(at(plain, u, 80), 9);
    expect(at(thick, 300, -80)).toBeCloseTo(at(plain, 300, -80), 9);
  });

  it('curves by its sagitta over 400 mm', () => {
    const under = underside(saddle, { ...setup, curveMm: 35 });
    const mid = saddle.build.frame.lengthMm / 2;
    expect((under.roofAt(mid - 200) + under.roofAt(mid + 200)) / 2 - under.roofAt(mid)).toBeCloseTo(35, 9);
  });

  it('shares every change of filling between the zones, all together 1', () => {
    fc.assert(
      fc.property(fc.double({ min: -0.2, max: 1.2, noNaN: true }), (share) => {
        const sum = ZONES.reduce((s, zone) => s + zoneShare(zone, share), 0);
        expect(sum).toBeCloseTo(1, 9);
      }),
    );
  });
});

describe('a saddle that can’t be', () => {
  it('names the measure and what it may be', () => {
    const long = saddleFor(90, { lengthMm: 4000 });
    expect(saddleProblems(long).map((p) => p.values.measure)).toContain('lengthMm');
    const backwards = saddleFor(90, { seatLowMm: 900 });
    expect(saddleProblems(backwards)[0]).toMatchObject({ code: 'SADDLE_PLACE_OUTSIDE', values: { measure: 'seatLowMm' } });
    expect(saddleProblems(saddle)).toEqual([]);
  });

  it('every measure that can be refused stands where its path leads', () => {
    for (const id of SADDLE_MEASURE_IDS) {
      const at = SADDLE_MEASURE_PATHS[id].reduce<unknown>((part, step) => (part as Record<string, unknown>)[step], saddle);
      expect([id, at === undefined]).toEqual([id, false]);
    }
    expect(SADDLE_MEASURE_IDS).toHaveLength(26);
  });

  it('is refused with numbers that aren’t any', () => {
    expect(saddleProblems(saddleFor(90, { massKg: Number.NaN })).length).toBeGreaterThan(0);
    expect(saddleProblems(saddleFor(90, {}, { channelMidMm: Number.POSITIVE_INFINITY })).length).toBeGreaterThan(0);
  });
});
