import fc from 'fast-check';
import { type SaddleFront, spanAtMm } from '../../saddle';
import { CROWN_RADIUS_MM } from '../../saddle';
import { SCHOOLS, schoolById, schoolOf } from '../../schools';
import { layArch, prepareSection } from '../arch-on-section';
import { bestSetting, judgeSettings, rankSaddles } from '../saddle-settings';
import { type FrontSink } from '../padding';
import { point } from '../../geometry';
import { PADDING, sectionOf, sectionUnderArch, wedge } from './sections';

const STATIC = schoolById('static-close');
const arch = (includedAngleDeg: number) => ({
  shape: 'round' as const,
  crownRadiusMm: CROWN_RADIUS_MM.round,
  includedAngleDeg,
  pointLengthMm: 170,
});
const front = (...angles: number[]): SaddleFront => ({
  shape: 'round',
  pointLengthMm: 170,
  frontPanelDepthMm: 30,
  frontChannelMm: 70,
  presentSetting: 0,
  settings: angles.map((includedAngleDeg, i) => ({ label: `w${i}`, includedAngleDeg })),
});
const body = prepareSection(sectionUnderArch(arch(90), 45));

/** Nothing gives: the room is as it is laid. */
const AS_LAID = Array.from({ length: 5 }, (): FrontSink => ({ mm: 0, halfMm: 0, from: 'saddle' }));

describe('the widths a saddle can be set to', () => {
  it('every setting is judged, in the saddle’s own order', () => {
    const judged = judgeSettings(body, front(80, 85, 90, 95), STATIC, 50, AS_LAID);
    expect(judged.map((j) => j.index)).toEqual([0, 1, 2, 3]);
    expect(judged.map((j) => j.verdict.code)).toEqual(['narrow', 'narrow', 'even', 'wide']);
  });

  it.each([80, 84, 88, 92, 96])('the best setting for a horse made for %d deg is the nearest one', (made) => {
    const horse = prepareSection(sectionUnderArch(arch(made), 45));
    expect(bestSetting(judgeSettings(horse, front(80, 84, 88, 92, 96), STATIC, 50))!.setting.includedAngleDeg).toBe(made);
  });

  it('a saddle that lies on the withers ranks behind one that is merely a size off', () => {
    const flat = { ...front(90), frontPanelDepthMm: 12 };
    const ranked = rankSaddles(
      body,
      [
        { id: 'low', front: flat },
        { id: 'wide', front: front(95) },
      ],
      STATIC,
      50,
    );
    expect(ranked.map((r) => r.id)).toEqual(['wide', 'low']);
  });

  it('an even one ranks before one that misses by less but lies closer on one side', () => {
    const under = sectionUnderArch(arch(90), 45).points;
    const uneven = prepareSection(sectionOf(under.map((p) => point(p.yMm < 0 ? 0.92 * p.yMm : p.yMm, p.zMm))));
    const differ = (most: number) => {
      const school = { ...STATIC, rules: { ...STATIC.rules, frontEven: { ...STATIC.rules.frontEven, most } } };
      return judgeSettings(uneven, front(86, 88), school, 50, AS_LAID);
    };
    const [less, more] = differ(STATIC.rules.frontEven.most).map((j) => Math.abs(j.laid.off.meanMm - j.laid.near.meanMm));
    const judged = differ((less! + more!) / 2);
    expect(judged.map((j) => j.verdict.code)).toEqual(['even', 'sidesDiffer']);
    expect(judged[1]!.missMm).toBeLessThan(judged[0]!.missMm);
    expect(bestSetting(judged)!.index).toBe(0);
  });

  it('a settable panel is tried at its other depths: told where one lies better than the one it has, and only then', () => {
    const range = { kind: 'range', present: 12, least: 12, most: 48, step: 6 } as const;
    const low = { ...front(90), frontPanelDepthMm: 12 };
    const of = (saddle: object) => rankSaddles(body, [{ id: 'a', front: low, ...saddle }], STATIC, 50)[0]!;
    expect(of({}).atDepth).toBeNull();
    expect(of({ depthFrontMm: { kind: 'fixed', present: 12 } }).atDepth).toBeNull();
    const { best, atDepth } = of({ depthFrontMm: range });
    expect(best.verdict.severity).toBe('bad');
    expect(atDepth!.depthMm).toBeGreaterThan(12);
    expect(atDepth!.judged.index).toBe(best.index);
    expect(atDepth!.judged.verdict.severity).not.toBe('bad');
    const there = { ...low, frontPanelDepthMm: atDepth!.depthMm };
    expect(of({ front: there, depthFrontMm: { ...range, present: atDepth!.depthMm } }).atDepth).toBeNull();
  });

  it('the ranking does not depend on the order of the stock', () => {
    const stock = [70, 78, 86, 90, 97, 104].map((deg) => ({ id: String(deg), front: front(deg) }));
    const wanted = rankSaddles(body, stock, STATIC, 50).map((r) => r.id);
    fc.assert(
      fc.property(fc.shuffledSubarray(stock, { minLength: stock.length }), (shuffled) => {
        expect(rankSaddles(body, shuffled, STATIC, 50).map((r) => r.id)).toEqual(wanted);
      }),
      { numRuns: 15 },
    );
  });

  it('no setting, no best', () => {
    expect(bestSetting([])).toBeNull();
  });
});

describe('what holds for any front', () => {
  const degrees = fc.double({ min: 62, max: 118, noNaN: true });

  it('wider opens the tip against the top, always', () => {
    fc.assert(
      fc.property(degrees, fc.double({ min: 0.5, max: 10, noNaN: true }), (deg, by) => {
        const [a, b] = [deg, deg + by].map((d) => layArch(body, arch(d), PADDING));
        if (!a?.ok || !b?.ok) throw new Error('refused');
        expect(b.value.near.tipMinusTopMm).toBeGreaterThan(a.value.near.tipMinusTopMm);
      }),
      { numRuns: 60 },
    );
  });

  it('wider comes down, never up, once the points carry it', () => {
    fc.assert(
      fc.property(fc.double({ min: 90, max: 112, noNaN: true }), (deg) => {
        const [a, b] = [deg, deg + 3].map((d) => layArch(body, arch(d), PADDING));
        if (!a?.ok || !b?.ok) throw new Error('refused');
        expect(b.value.crownZMm).toBeLessThan(a.value.crownZMm);
      }),
      { numRuns: 40 },
    );
  });

  it('nothing goes into the horse and something touches it', () => {
    fc.assert(
      fc.property(degrees, fc.integer({ min: 34, max: 54 }), (deg, half) => {
        const laid = layArch(prepareSection(wedge(half)), arch(deg), PADDING);
        if (!laid.ok) return;
        const least = Math.min(...laid.value.near.profileMm, ...laid.value.off.profileMm);
        expect(least).toBeGreaterThan(-1e-3);
        if (laid.value.restsOn === 'points') expect(least).toBeLessThan(1e-3);
      }),
      { numRuns: 80 },
    );
  });

  it('span at 100 mm grows with the angle', () => {
    fc.assert(fc.property(degrees, (deg) => spanAtMm(arch(deg + 1)) > spanAtMm(arch(deg))));
  });

  it.each(SCHOOLS.map((s) => s.id))('%s: every verdict holds a reason, and every fault a remedy', (id) => {
    for (let deg = 74; deg <= 110; deg += 4) {
      const laid = judgeSettings(body, front(deg), schoolOf(id, [])!, 50)[0]!;
      expect(laid.verdict.reasons.length).toBeGreaterThan(0);
      if (laid.verdict.severity === 'bad') expect(laid.verdict.remedies.length + laid.verdict.flips.length).toBeGreaterThan(0);
    }
  });
});
