import { type PointXZ } from '../../back';
import { takesSpread } from '../../front';
import { MEASURING_ERRORS } from '../../schools';
import { lineMeasurement, sectionMeasurement } from '../station-measured';
import { type RecordedTake } from '../recorded';

const widths = (near: number, more: Partial<RecordedTake> = {}): RecordedTake => ({
  id: 'a',
  station: 'front',
  takenAtMm: 50,
  takenAt: '2026-11-20T09:00:00.000Z',
  hand: 'Isla',
  withdrawn: false,
  reading: {
    kind: 'widths',
    widths: [
      { depthMm: 60, nearMm: near, offMm: 72 },
      { depthMm: 120, nearMm: near + 55, offMm: 127 },
    ],
  },
  ...more,
});
const line = (id: string, dip: number, more: Partial<RecordedTake> = {}): RecordedTake => ({
  ...widths(0),
  id,
  station: 'topline',
  reading: {
    kind: 'line',
    line: Array.from({ length: 60 }, (_, i): PointXZ => ({ xMm: i * 10 - 100, zMm: -dip * Math.sin((Math.PI * i) / 59) })),
  },
  ...more,
});
const three = [widths(70, { id: 'a' }), widths(71, { id: 'b' }), widths(70.5, { id: 'c' })];

describe('what the takes of one station say together', () => {
  it('nothing yet: an open peg, where it is expected', () => {
    expect(sectionMeasurement([], 'front', 47)).toMatchObject({
      peg: 'open',
      takes: [],
      withdrawn: [],
      everTaken: 0,
      takenAtMm: 47,
      consensus: null,
    });
    expect(sectionMeasurement([], 'front', null).takenAtMm).toBeNull();
    expect(lineMeasurement([], 'topline')).toMatchObject({ peg: 'open', takenAtMm: 0, consensus: null });
  });

  it('said to be as last time: doubtful, errs as what is set by eye, and is put aside by one take', () => {
    const points = sectionMeasurement(three, 'front', 47).consensus!.points;
    const said = widths(0, { id: 'l', reading: { kind: 'asLast', day: '2026-09-18', points } });
    const alone = sectionMeasurement([said], 'front', 47);
    expect(alone).toMatchObject({ peg: 'doubtful', takes: [{ id: 'l', asLast: '2026-09-18' }] });
    const one = sectionMeasurement([widths(0, { id: 't', reading: { kind: 'points', points } })], 'front', 47);
    const [spread, usual] = [takesSpread(alone.accepted), takesSpread(one.accepted)];
    expect(spread.asLast).toBe(true);
    expect(usual.asLast).toBe(false);
    expect(spread.near.halfWidthMm).toBeCloseTo(MEASURING_ERRORS.byEyeTimes * usual.near.halfWidthMm, 9);
    expect(spread.off.sideAngleDeg).toBeCloseTo(MEASURING_ERRORS.byEyeTimes * usual.off.sideAngleDeg, 9);
    expect(sectionMeasurement([said, three[0]!], 'front', 47).takes.map((t) => t.id)).toEqual(['a']);
    expect(sectionMeasurement([said, { ...three[0]!, withdrawn: true }], 'front', 47).takes.map((t) => t.id)).toEqual(['l']);
    expect(sectionMeasurement([said, { ...said, id: 'm' }], 'front', 47).takes.map((t) => t.id)).toEqual(['m']);
  });

  it('a line said to be as last time: doubtful, and put aside by one that is traced', () => {
    const line = Array.from({ length: 12 }, (_, i) => ({ xMm: 40 * i, zMm: -0.002 * (40 * i) ** 2 }));
    const along = (id: string, reading: RecordedTake['reading']): RecordedTake => ({
      ...three[0]!,
      id,
      station: 'topline',
      takenAtMm: 0,
      reading,
    });
    const said = along('l', { kind: 'asLast', day: '2026-09-18', points: line.map((p) => ({ yMm: p.xMm, zMm: p.zMm })) });
    const traced = along('t', { kind: 'line', line });
    const [alone, same] = [lineMeasurement([said], 'topline'), lineMeasurement([traced], 'topline')];
    expect(alone).toMatchObject({ peg: 'doubtful', takes: [{ id: 'l', asLast: '2026-09-18' }] });
    expect(alone.consensus).toEqual(same.consensus);
    expect(same.takes[0]).not.toHaveProperty('asLast');
    expect(lineMeasurement([said, traced], 'topline').takes.map((t) => t.id)).toEqual(['t']);
    expect(lineMeasurement([said, { ...traced, withdrawn: true }], 'topline').takes.map((t) => t.id)).toEqual(['l']);
  });

  it('three that agree: measured, where the last of them was taken', () => {
    const made = sectionMeasurement([three[0]!, three[1]!, { ...three[2]!, takenAtMm: 53 }], 'front', 47);
    expect(made).toMatchObject({ peg: 'measured', everTaken: 3, takenAtMm: 53 });
    expect(made.accepted.map((t) => t.id)).toEqual(['a', 'b', 'c']);
    expect(made.takes.map((t) => [t.id, t.number, t.odd])).toEqual([
      ['a', 1, false],
      ['b', 2, false],
      ['c', 3, false],
    ]);
  });

  it('one that doesn’t agree is named, keeps its number, and is no part of the consensus', () => {
    const odd = widths(90, { id: 'b' });
    const made = sectionMeasurement([three[0]!, odd, three[2]!, widths(70.2, { id: 'd' })], 'front', 47);
    expect(made.takes.map((t) => [t.number, t.odd])).toEqual([
      [1, false],
      [2, true],
      [3, false],
      [4, false],
    ]);
    expect(made.accepted.map((t) => t.id)).toEqual(['a', 'c', 'd']);
    expect(made.consensus).toEqual(sectionMeasurement([three[0]!, three[2]!, widths(70.2, { id: 'd' })], 'front', 47).consensus);
  });

  it('takes that agree on nothing leave the peg in doubt', () => {
    expect(sectionMeasurement([three[0]!, widths(90, { id: 'b' })], 'front', 47).peg).toBe('doubtful');
  });

  it.each([
    [4.9, 'measured'],
    [5.1, 'doubtful'],
  ] as const)('widths %d mm apart: %s', (apart, peg) => {
    const two = [widths(70, { id: 'a' }), widths(70 + apart, { id: 'b' })];
    expect(sectionMeasurement([...two], 'front', 47).peg).toBe(peg);
  });

  it('withdrawn takes are listed, numbered with the others, and count for nothing', () => {
    const away = widths(90, { id: 'b', withdrawn: true, takenAtMm: 80 });
    const made = sectionMeasurement([three[0]!, away, three[2]!], 'front', 47);
    expect(made.withdrawn.map((t) => t.id)).toEqual(['b']);
    expect(made).toMatchObject({ everTaken: 3, takenAtMm: 50, peg: 'measured' });
    expect(made.takes.map((t) => [t.id, t.number])).toEqual([
      ['a', 1],
      ['c', 3],
    ]);
    const all = sectionMeasurement([away], 'front', 47);
    expect(all).toMatchObject({ peg: 'open', takenAtMm: 47, everTaken: 1 });
  });

  it('another station’s takes are another’s', () => {
    const made = sectionMeasurement([...three, widths(90, { id: 'x', station: 'base', takenAtMm: 100 })], 'front', 47);
    expect(made.everTaken).toBe(3);
    expect(sectionMeasurement(three, 'base', 100)).toMatchObject({ everTaken: 0, peg: 'open' });
    expect(lineMeasurement([line('l', 20)], 'withers').everTaken).toBe(0);
  });

  it('a take that can’t be read is kept as taken, and says nothing', () => {
    const broken = widths(70, { id: 'z', reading: { kind: 'widths', widths: [] } });
    const made = sectionMeasurement([broken, three[0]!], 'front', 47);
    expect(made.everTaken).toBe(2);
    expect(made.takes.map((t) => [t.id, t.number])).toEqual([['a', 2]]);
  });
});

describe('lines along the back', () => {
  const lines = [line('a', 20), line('b', 20.5), line('c', 20.2)];
  it('agree as sections do', () => {
    const made = lineMeasurement(lines, 'topline');
    expect(made).toMatchObject({ peg: 'measured', everTaken: 3, takenAtMm: 50 });
    expect(made.accepted).toHaveLength(3);
    expect(made.consensus!.points.length).toBeGreaterThan(10);
  });
  it('one of another shape is named and left out', () => {
    const made = lineMeasurement([lines[0]!, line('b', 60), lines[2]!, line('d', 20.3)], 'topline');
    expect(made.takes.map((t) => t.odd)).toEqual([false, true, false, false]);
    expect(made.accepted.map((t) => t.id)).toEqual(['a', 'c', 'd']);
  });
  it('withdrawn, it counts no more', () => {
    const made = lineMeasurement([lines[0]!, { ...lines[1]!, withdrawn: true }], 'topline');
    expect(made.takes.map((t) => t.id)).toEqual(['a']);
    expect(made.withdrawn.map((t) => t.id)).toEqual(['b']);
  });
});
