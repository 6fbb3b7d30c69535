import { CROWN_RADIUS_MM } from '../../saddle';
import { BESIDE_AT_MM } from '../../back';
import { point } from '../../geometry';
import { layArch, prepareSection } from '../arch-on-section';
import { bearingPart } from '../padding';
import { PADDING, sectionOf, wedge } from './sections';

const round = (includedAngleDeg: number, scale = 1) => ({
  shape: 'round' as const,
  crownRadiusMm: CROWN_RADIUS_MM.round * scale,
  includedAngleDeg,
  pointLengthMm: 170 * scale,
});
const lay = (section: ReturnType<typeof wedge>, arch = round(90), padding = PADDING) => {
  const laid = layArch(prepareSection(section), arch, padding);
  if (!laid.ok) throw new Error(JSON.stringify(laid.problems));
  return laid.value;
};

describe('an arch laid on a section', () => {
  it('comes down until it touches and no further', () => {
    const laid = lay(wedge(45), round(95));
    const all = [...laid.near.profileMm, ...laid.off.profileMm];
    expect(Math.min(...all)).toBeGreaterThan(-1e-6);
    expect(Math.min(...all)).toBeLessThan(1e-4);
    expect(laid.restsOn).toBe('points');
  });

  it.each([1, 3, -1, -4])('wider by %d deg moves tip minus top by L sin(half of it) on each side', (byDeg) => {
    const arch = round(90 + byDeg);
    const laid = lay(wedge(45), arch);
    const wanted = bearingPart(arch, PADDING).lengthMm * Math.sin(((byDeg / 2) * Math.PI) / 180);
    expect(laid.near.tipMinusTopMm).toBeCloseTo(wanted, 3);
    expect(laid.off.tipMinusTopMm).toBeCloseTo(wanted, 3);
  });

  it('stands at the height the triangle says: p / sin a - r (1 / sin a - 1)', () => {
    const a = (42 * Math.PI) / 180;
    const laid = lay(wedge(42), round(84));
    expect(laid.crownZMm).toBeCloseTo(30 / Math.sin(a) - 40 * (1 / Math.sin(a) - 1), 4);
  });

  it('a thicker panel by t raises the crown by t / sin a', () => {
    const rise = lay(wedge(40), round(80), { ...PADDING, panelDepthMm: 38 }).crownZMm - lay(wedge(40), round(80)).crownZMm;
    expect(rise).toBeCloseTo(8 / Math.sin((40 * Math.PI) / 180), 4);
  });

  it('the room beside the withers is what is left 15 to 30 mm out, square to its side, once it has come down under load', () => {
    const a = (40 * Math.PI) / 180;
    const sunk = { ...PADDING, sinkMm: 9 };
    const laid = lay(wedge(40), round(80), sunk);
    // a roof under a roof of the same slope: the least room is furthest out, on the round of the crown or past it
    const drop = (out: number): number => {
      const reach = 40 * Math.cos(a);
      return out <= reach ? 40 - Math.sqrt(40 ** 2 - out ** 2) : 40 - 40 * Math.sin(a) + (out - reach) / Math.tan(a);
    };
    const rooms = BESIDE_AT_MM.map((out) => Math.sin(a) * (laid.crownZMm - drop(out) - 9 + out / Math.tan(a)));
    expect(laid.near.besideWithersMm).toBeCloseTo(Math.min(...rooms), 0);
    expect(laid.off.besideWithersMm).toBeCloseTo(laid.near.besideWithersMm!, 6);
    expect(lay(wedge(40), round(80)).near.besideWithersMm! - laid.near.besideWithersMm!).toBeCloseTo(Math.sin(a) * (9 - PADDING.sinkMm), 6);
  });

  it('rests on the crown when the withers are higher than the panel is deep', () => {
    const spike = sectionOf([
      ...[200, 160, 120, 90].map((d) => point(-d, -d)),
      point(-12, -60),
      point(-8, -4),
      point(0, 0),
      point(8, -4),
      point(12, -60),
      ...[90, 120, 160, 200].map((d) => point(d, -d)),
    ]);
    const laid = lay(spike, round(90), { ...PADDING, panelDepthMm: 10 });
    expect(laid.restsOn).toBe('crown');
    expect(laid.crownZMm).toBeCloseTo(0, 3);
  });

  it('scaling horse, arch and panel by s scales every length and leaves every angle', () => {
    const s = 1.37;
    const scaled = sectionOf(wedge(45).points.map((p) => point(p.yMm * s, p.zMm * s)));
    const plain = lay(wedge(45), round(96));
    const big = lay(scaled, { ...round(96, s), pointLengthMm: 170 * s }, { ...PADDING, panelDepthMm: 30 * s, panelFromSpineMm: 35 * s });
    expect(big.crownZMm / plain.crownZMm).toBeCloseTo(s, 3);
  });

  it('says so where the tracing ends above the tip and was thought on', () => {
    expect(lay(wedge(45, 100)).near.extrapolated).toBe(true);
    expect(lay(wedge(45, 220)).near.extrapolated).toBe(false);
  });

  it('refuses a tracing that ends far above the tip, naming how deep it must go', () => {
    const laid = layArch(prepareSection(wedge(45, 62)), round(70), PADDING);
    expect(!laid.ok && laid.problems[0]).toMatchObject({ code: 'SECTION_TOO_SHALLOW', values: { depthMm: expect.closeTo(60, 0) } });
  });
});
