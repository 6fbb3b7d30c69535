import { type Section, sectionFromPoints } from '../../back';
import { point } from '../../geometry';
import { CROWN_RADIUS_MM } from '../../saddle';
import { SCHOOLS, schoolById, schoolOf } from '../../schools';
import { layArch, prepareSection } from '../arch-on-section';
import { judgeFront } from '../verdict';
import { judgeWithNeighbours } from '../neighbours';
import { PADDING, sectionUnderArch, wedge } from './sections';

const arch = (includedAngleDeg: number, shape: keyof typeof CROWN_RADIUS_MM = 'round') => ({
  shape,
  crownRadiusMm: CROWN_RADIUS_MM[shape],
  includedAngleDeg,
  pointLengthMm: 170,
});
const made = sectionUnderArch(arch(92), 45);
const judge = (section: Section, deg: number, school = schoolById('static-close'), panelDepthMm = 30, at = 50) => {
  const laid = layArch(prepareSection(section), arch(deg), { ...PADDING, panelDepthMm });
  if (!laid.ok) throw new Error('refused');
  return judgeFront(laid.value, school, at);
};

describe('the verdict on a front', () => {
  it.each([
    [92, 'even', 0],
    [94, 'even', 0],
    [97, 'wide', 1],
    [102, 'wide', 2],
    [87, 'narrow', -1],
    [82, 'narrow', -2],
  ] as const)('a horse made for 92 deg under %d deg: %s by %d widths', (deg, code, widths) => {
    const verdict = judge(made, deg);
    expect([verdict.code, verdict.widthsOff]).toEqual([code, widths]);
  });

  it('a wide front is told by the top being closer, and is sent narrower or lifted', () => {
    const verdict = judge(made, 98);
    expect(verdict.reasons[0]!.code).toBe('topCloser');
    expect(verdict.remedies.map((r) => r.code).slice(0, 2)).toEqual(['narrower', 'liftFront']);
  });

  it('the flip it names really flips it', () => {
    const even = judge(made, 92.5);
    const toWide = even.flips.find((f) => f.to === 'wide')!;
    expect(judge(made, 92.5 + toWide.byDeg! - 0.2).code).toBe('even');
    expect(judge(made, 92.5 + toWide.byDeg! + 0.2).code).toBe('wide');
  });

  it('low over the withers is a hard word and asks for exactly the lift that cures it', () => {
    const low = judge(sectionUnderArch(arch(92), 33), 92);
    expect(low.code).toBe('withersLow');
    const lift = low.remedies.find((r) => r.code === 'liftFront');
    expect(lift).toBeDefined();
    const cured = judge(sectionUnderArch(arch(92), 33), 92, undefined, 30 + (lift as { byMm: number }).byMm + 0.01);
    expect(cured.code).toBe('even');
  });

  it('names the fuller side and lifts the other', () => {
    const points = made.points.map((p) => (p.yMm < 0 && p.zMm < -20 ? point(p.yMm - 8, p.zMm) : p));
    const fuller = sectionFromPoints(points);
    if (!fuller.ok) throw new Error('refused');
    const verdict = judge(fuller.value.section, 92);
    expect(verdict.reasons).toContainEqual(expect.objectContaining({ code: 'sideTighter', side: 'near' }));
    expect(verdict.remedies).toContainEqual(expect.objectContaining({ code: 'liftSide', side: 'off' }));
  });

  it('says when the section was taken at another station than the school reads', () => {
    const verdict = judge(made, 92, schoolById('panel-first'), 30, 50);
    expect(verdict.remedies).toContainEqual({ code: 'takeAtStation', stationMm: 45 });
  });

  it.each(SCHOOLS.map((s) => s.id))('%s: under the arch it wants, narrower and wider are both worse', (id) => {
    const school = schoolOf(id, [])!;
    const deg = 92 + school.front.widthsOver * school.front.widthStepDeg;
    const trio = judgeWithNeighbours(prepareSection(made), arch(deg), PADDING, school, 50)!;
    const miss = (j: typeof trio.narrower) => Math.abs(j!.verdict.deviationMm);
    expect(miss(trio.chosen)).toBeLessThan(Math.min(miss(trio.narrower), miss(trio.wider)));
  });

  it('at the end of what can be built there is no neighbour', () => {
    const trio = judgeWithNeighbours(prepareSection(wedge(70, 120)), arch(148), PADDING, schoolById('static-close'), 50);
    expect(trio?.wider).toBeNull();
  });
});
