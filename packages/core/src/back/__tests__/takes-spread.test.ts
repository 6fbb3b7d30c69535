import { normal, seededRandom } from '../../random';
import { SDS_OF_90, studentSdsOf90 } from '../../stats';
import { ASSUMED_SPREAD, HAND_PRIOR_DOF, handOf, modeVariance } from '../hand';
import { movedSection, takenOtherwise } from '../moved-section';
import { type Section, depthReachedMm, sideOutward } from '../section';
import { sectionFromPoints } from '../section-from-points';
import { sectionFromWidths } from '../section-from-widths';
import { halfWidthAtMm, measureSection } from '../section-measures';
import { type Take } from '../take';
import { takesAgreement } from '../takes-agreement';
import { consensusSection } from '../takes-consensus';
import { spreadOfTakes, spreadSources } from '../takes-spread';
import { toldMeasures } from '../told-measures';
import { UNKNOWN_SHAPE, shapedSection, unknownShape } from '../unknown-shape';

const wedge = (nearSlope: number, offSlope: number, deep = 150): Section => {
  const depths = Array.from({ length: 16 }, (_, i) => ((i + 1) * deep) / 16);
  const points = [
    ...depths.map((d) => ({ yMm: -nearSlope * d, zMm: -d })).reverse(),
    { yMm: 0, zMm: 0 },
    ...depths.map((d) => ({ yMm: offSlope * d, zMm: -d })),
  ];
  const outcome = sectionFromPoints(points);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  return outcome.value.section;
};
const widths = (...read: readonly (readonly [number, number, number])[]): Section => {
  const outcome = sectionFromWidths(read.map(([depthMm, nearMm, offMm]) => ({ depthMm, nearMm, offMm })));
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  return outcome.value;
};
const takes = (...sections: readonly Section[]): Take[] => sections.map((section, i) => ({ id: `t${i}`, section }));
const together = (of: readonly Take[]): Section => consensusSection(of, takesAgreement(of))!;
const BASE = wedge(1, 1.05);
const shifted = (mm: number): Section =>
  movedSection(BASE, { near: { sideAngleDeg: 0, halfWidthMm: -mm }, off: { sideAngleDeg: 0, halfWidthMm: mm } });

describe('what takes say together', () => {
  it('reaches as deep as most of them: no pair of widths is lost, and one short trace shortens nothing', () => {
    const three = takes(
      widths([60, 70, 72], [120, 130, 133]),
      widths([60, 71, 71], [120, 131, 131]),
      widths([60, 69, 73], [120, 132, 130]),
    );
    const measures = measureSection(together(three));
    expect(measures.near.depthMm).toBe(120);
    expect(measures.near.halfWidthsMm[1]).toBeCloseTo(131, 1);
    expect(measures.off.halfWidthsMm[1]).toBeCloseTo((133 + 131 + 130) / 3, 1);
    const traced = takes(wedge(1, 1, 90), wedge(1, 1, 150), wedge(1, 1, 140));
    expect(depthReachedMm(sideOutward(together(traced), 'off'))).toBeCloseTo(140, 6);
    expect(depthReachedMm(sideOutward(together(traced.slice(0, 2)), 'off'))).toBeCloseTo(90, 6);
  });

  it('goes on from where one ends without a jump', () => {
    const line = sideOutward(together(takes(wedge(1.04, 1.04, 90), wedge(1, 1, 150), wedge(1, 1, 150))), 'off');
    const steps = line.slice(1).map((p, i) => Math.hypot(p.yMm - line[i]!.yMm, p.zMm - line[i]!.zMm));
    const flank = line.filter((p) => p.zMm < -20);
    const slopes = flank.slice(1).map((p, i) => (p.yMm - flank[i]!.yMm) / (flank[i]!.zMm - p.zMm));
    expect(Math.max(...steps)).toBeLessThan(6);
    for (const slope of slopes) expect(slope).toBeGreaterThan(0.999);
    for (const slope of slopes) expect(slope).toBeLessThan(1.05);
    expect(halfWidthAtMm(line, 140)! - halfWidthAtMm(line, 120)!).toBeCloseTo(20, 6);
  });
});

describe('the error of measurement', () => {
  it('of takes that differ left and right is how far they do, though they are as wide', () => {
    expect(takesAgreement(takes(shifted(0), shifted(2))).technicalErrorMm).toBeCloseTo(2 / Math.SQRT2, 1);
  });
});

describe('how far the mean of takes may be off', () => {
  const sdOf = (spread: ReturnType<typeof spreadOfTakes>, of: string, mode: string): number =>
    spread.moves!.find((m) => m.of === of && m.mode === mode)!.sd;
  const t = (dof: number): number => studentSdsOf90(dof) / SDS_OF_90;

  it('one take: the default of a hand, with what isn’t known of it', () => {
    const spread = spreadOfTakes(takes(BASE));
    expect(spread.assumed).toBe(true);
    expect(sdOf(spread, 'turn', 'together')).toBeCloseTo((t(HAND_PRIOR_DOF) * ASSUMED_SPREAD.sideAngleDeg) / Math.SQRT2, 9);
    const told = Math.hypot(ASSUMED_SPREAD.sideAngleDeg * Math.sqrt(0.5), Math.sqrt(modeVariance({ mode: 'apart', of: 'turn' })));
    expect(spread.near.sideAngleDeg).toBeCloseTo(t(HAND_PRIOR_DOF) * told, 1);
  });

  it('takes that are the same leave the default, less by their number; takes that lie apart what they show, by Student', () => {
    const same = spreadOfTakes(takes(BASE, BASE, BASE));
    const dof = HAND_PRIOR_DOF + 2;
    const variance = (squares: number) => (HAND_PRIOR_DOF * modeVariance({ mode: 'apart', of: 'shift' }) + squares) / dof;
    expect(sdOf(same, 'shift', 'apart')).toBeCloseTo(t(dof) * Math.sqrt(variance(0) / 3), 6);
    expect(sdOf(spreadOfTakes(takes(shifted(-3), shifted(0), shifted(3))), 'shift', 'apart')).toBeCloseTo(
      t(dof) * Math.sqrt(variance(18) / 3),
      1,
    );
  });

  it('a hand known from other sets is believed the more the more there are', () => {
    const random = seededRandom(4);
    const set = (sd: number): Take[] => takes(...[0, 1, 2].map(() => shifted(sd * normal(random))));
    const two = takes(BASE, shifted(0.5));
    const sd = (hand: Parameters<typeof spreadOfTakes>[1]): number => sdOf(spreadOfTakes(two, hand), 'shift', 'apart');
    const steady = Array.from({ length: 8 }, () => set(0.3));
    expect(sd(handOf(steady))).toBeLessThan(sd(handOf(steady.slice(0, 2))));
    expect(sd(handOf(steady.slice(0, 2)))).toBeLessThan(sd(undefined));
    expect(sd(handOf(Array.from({ length: 8 }, () => set(4))))).toBeGreaterThan(1.4 * sd(undefined));
  });

  it('a shift that takes back what the turn did leaves the half-width surer, one that adds to it less sure; the turn is as sure', () => {
    const hand = (products: number) => {
      const skill = { ratios: 20, products: 0, dof: 20 };
      return spreadOfTakes(takes(BASE), { turn: { ...skill, products }, shift: skill, width: skill }).off;
    };
    expect(hand(-18).halfWidthMm).toBeLessThan(0.75 * hand(0).halfWidthMm);
    expect(hand(18).halfWidthMm).toBeGreaterThan(1.2 * hand(0).halfWidthMm);
    expect(hand(-18).sideAngleDeg).toBeCloseTo(hand(0).sideAngleDeg, 1);
  });

  it('widths err one by one, and a set read at other depths is taken as tracings', () => {
    const few = takes(widths([60, 70, 72], [120, 130, 133]), widths([60, 71, 71], [120, 131, 131]));
    expect(spreadOfTakes(few).moves!.map((m) => `${m.mode} ${m.of} ${m.atMm}`)).toEqual([
      'together width 60',
      'together width 120',
      'apart width 60',
      'apart width 120',
    ]);
    const other = takes(few[0]!.section, widths([80, 90, 90], [120, 131, 131]));
    expect(new Set(spreadOfTakes(other).moves!.map((m) => m.of))).toEqual(new Set(['turn', 'shift']));
  });

  it('is told of each measure by its own sources: apart errs in the difference of sides, together in their sum', () => {
    const spread = spreadOfTakes(takes(BASE));
    const only = (mode: string) => ({ ...spread, moves: spread.moves!.filter((m) => m.mode === mode) });
    expect(toldMeasures(BASE, only('apart')).includedAngleDeg!.half).toBeLessThan(0.2);
    expect(toldMeasures(BASE, only('apart')).offMinusNear.angleDeg!.half).toBeGreaterThan(2);
    expect(toldMeasures(BASE, only('together')).offMinusNear.angleDeg!.half).toBeLessThan(0.2);
    expect(toldMeasures(BASE, only('together')).includedAngleDeg!.half).toBeGreaterThan(2);
  });

  it('each side by itself where only that is told', () => {
    const plain = { near: { sideAngleDeg: 1, halfWidthMm: 0 }, off: { sideAngleDeg: 0, halfWidthMm: 2 }, assumed: true };
    const angles = spreadSources(plain).map((source) => measureSection(source(BASE, 1)));
    const here = measureSection(BASE);
    expect(angles.map((m) => Math.round(m.near.angleDeg! - here.near.angleDeg!))).toEqual([1, 0, 0, 0]);
    expect(angles.map((m) => Math.round(m.off.halfWidthsMm[0]! - here.off.halfWidthsMm[0]!))).toEqual([0, 0, 0, 2]);
  });
});

describe('a section drawn through a few widths', () => {
  const few = widths([80, 90, 92], [140, 150, 154]);
  const at = (section: Section, depth: number): number => halfWidthAtMm(sideOutward(section, 'off'), depth)!;

  it('is redrawn as unknown above and between them, never at them, and alike on both sides', () => {
    const drawn = shapedSection(few, { power: 2 * UNKNOWN_SHAPE.power, bulges: [UNKNOWN_SHAPE.bulge] });
    expect(at(drawn, 80)).toBeCloseTo(92, 0);
    expect(at(drawn, 140)).toBeCloseTo(154, 6);
    expect(at(drawn, 20) / at(few, 20)).toBeCloseTo((20 / 80) ** (2 * UNKNOWN_SHAPE.power), 1);
    expect(at(drawn, 110) / at(few, 110)).toBeCloseTo(1 + UNKNOWN_SHAPE.bulge, 3);
    const near = halfWidthAtMm(sideOutward(drawn, 'near'), 20)! / halfWidthAtMm(sideOutward(few, 'near'), 20)!;
    expect(near).toBeCloseTo(at(drawn, 20) / at(few, 20), 3);
  });

  it('a traced one is as it was traced', () => {
    expect(shapedSection(BASE, unknownShape(BASE, seededRandom(1)))).toEqual(BASE);
    expect(shapedSection(few, unknownShape(few, seededRandom(1)))).not.toEqual(few);
  });

  it('a width read otherwise moves the curve as the curve through the new widths goes', () => {
    const other = takenOtherwise(few, { mode: 'apart', of: 'width', atMm: 80 }, 3);
    const wanted = widths([80, 87, 95], [140, 150, 154]);
    for (const depth of [20, 50, 80, 110, 140]) expect(at(other, depth)).toBeCloseTo(at(wanted, depth), 1);
    expect(halfWidthAtMm(sideOutward(other, 'near'), 80)).toBeCloseTo(87, 1);
  });
});
