import { point } from '../../geometry';
import { type Section, mirroredSection } from '../section';
import { mostChanged, sectionChange } from '../change';
import { sectionFromPoints } from '../section-from-points';
import { sectionWarnings } from '../take-warnings';
import { HIGH_WITHERS_ACROSS_MM, gaugeFor, widthDepthsMm, widthGauges } from '../width-gauges';

/** A wedge with a round top: slopes of each flank, radius of the top, all scaled, turned. */
function wedge({ near = 1, off = 1, top = 30, scale = 1, turnDeg = 0 } = {}): Section {
  const turn = (turnDeg * Math.PI) / 180;
  const points = Array.from({ length: 41 }, (_, i) => {
    const y = (i - 20) * 10;
    const z = (top - Math.hypot(y, top)) * (y < 0 ? near : off);
    return point(scale * (y * Math.cos(turn) - z * Math.sin(turn)), scale * (y * Math.sin(turn) + z * Math.cos(turn)));
  });
  const outcome = sectionFromPoints(points);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  return outcome.value.section;
}
const codes = (section: Section, known: Section, highest = 0) => sectionWarnings(section, known, highest).map((w) => w.code);

describe('a take held against what is known', () => {
  const known = wedge({ near: 1.1, off: 0.9 });

  it('that is alike warns of nothing', () => expect(codes(wedge({ near: 1.09, off: 0.91 }), known)).toEqual([]));
  it('taken up with near as off is suspected', () => expect(codes(mirroredSection(known), known)).toEqual(['SWAPPED']));
  it('held tilted says so', () => expect(codes(wedge({ near: 1.1, off: 0.9, turnDeg: 2.5 }), known)).toEqual(['TILTED']));
  it('in another scale says so', () => {
    const [warning] = sectionWarnings(wedge({ near: 1.1, off: 0.9, scale: 0.8 }), known, 0);
    expect(warning).toMatchObject({ code: 'SCALE' });
    expect(warning?.code === 'SCALE' && warning.ratio).toBeCloseTo(0.8, 1);
  });
  it('whose top lies beside its spine mark says by how much', () => {
    expect(sectionWarnings(known, null, -9)).toEqual([{ code: 'OFF_CENTRE', offMm: -9 }]);
  });
});

describe('width gauges', () => {
  it('trust the upper pair on narrow high withers and the lower one otherwise', () => {
    expect(widthGauges(wedge({ near: 1.8, off: 1.8, top: 8 }))).toMatchObject({ trusted: 'upper', because: 'highWithers' });
    expect(widthGauges(wedge({ top: 40 }))).toMatchObject({ trusted: 'lower', because: 'ordinaryWithers' });
  });

  it('read the angle of a straight flank', () => {
    const { readings } = widthGauges(wedge({ near: 1, off: 1, top: 0.001 }));
    for (const r of readings) expect(r.includedAngleDeg).toBeCloseTo(90, 1);
  });
});

describe('change between visits', () => {
  it('of a flank that filled out on one side is told for that side alone', () => {
    const change = sectionChange(wedge({ near: 1, off: 1, top: 1 }), wedge({ near: 1, off: 0.8, top: 1 }));
    expect(change.near.areaCm2).toBeCloseTo(0, 1);
    expect(change.off.areaCm2).toBeCloseTo((0.5 * 140 * 140 * (1 / 0.8 - 1)) / 100, -1);
    expect(change.off.angleDeg!).toBeCloseTo((Math.atan(1 / 0.8) - Math.atan(1)) * (180 / Math.PI), 0);
  });

  it('there and back is nothing', () => {
    const [a, b] = [wedge({ near: 1 }), wedge({ near: 1.2 })];
    expect(sectionChange(a, b).near.areaCm2 + sectionChange(b, a).near.areaCm2).toBeCloseTo(0, 9);
  });

  it('the station that changed most is the one of the larger share, on either side, gained or lost', () => {
    const of = (station: string, ...slopes: number[]) => ({ station, sections: slopes.map((off) => wedge({ near: 1, off, top: 1 })) });
    expect(mostChanged([of('front', 1, 0.95), of('low', 1, 0.8)])).toBe('low');
    expect(mostChanged([of('front', 1, 1.4), of('low', 1, 0.9)])).toBe('front');
    // first and last are held against each other, whatever lay between
    expect(mostChanged([of('front', 1, 0.5, 1), of('low', 1, 1, 0.97)])).toBe('low');
    expect(mostChanged([of('front', 1), of('low')])).toBeNull();
  });
});

describe('which gauge', () => {
  it.each([
    ['high', 200, 'upper', 'shapeHigh'],
    ['ordinary', 20, 'lower', 'shapeNotHigh'],
    ['flat', 20, 'lower', 'shapeNotHigh'],
    [null, HIGH_WITHERS_ACROSS_MM - 0.1, 'upper', 'highWithers'],
    [null, HIGH_WITHERS_ACROSS_MM, 'lower', 'ordinaryWithers'],
    [null, null, 'lower', 'unknownWithers'],
  ] as const)('withers %s, %s mm across: the %s, because %s', (shape, across, id, because) =>
    expect(gaugeFor(shape, across)).toEqual({ id, because }),
  );

  it('the shape goes before the width, and the front is taken where its gauge is', () => {
    expect(widthGauges(wedge({ top: 40 }), 'high')).toMatchObject({ trusted: 'upper', because: 'shapeHigh' });
    expect(widthDepthsMm('front', 'high')).toEqual([40, 80, 140]);
    expect(widthDepthsMm('front', null)).toEqual([80, 140]);
    expect(widthDepthsMm('lastRib', 'high')).toEqual([30, 80]);
  });
});
