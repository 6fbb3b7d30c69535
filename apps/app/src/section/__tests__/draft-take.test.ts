import {
  EMPTY_DRAFT,
  draftSection,
  isEmpty,
  isWhole,
  nextDraft,
  readingOf,
  undonePoints,
  withDepth,
  withPoints,
  withGaugeDepths,
  withRowAdded,
  withWidth,
} from '../draft-take';

const filled = () =>
  [
    [0, 'near', 78],
    [0, 'off', 79],
    [1, 'near', 140],
    [1, 'off', 141],
  ].reduce((d, [row, side, mm]) => withWidth(d, row as number, side as 'near', mm as number), EMPTY_DRAFT);

describe('a take being entered', () => {
  it('is empty, then begun, then whole', () => {
    const begun = withWidth(EMPTY_DRAFT, 0, 'near', 78);
    expect([isEmpty(EMPTY_DRAFT), isEmpty(begun), isWhole(begun), isWhole(filled())]).toEqual([true, false, false, true]);
  });

  it('keeps inches as the millimetres they are', () => {
    const inches = withWidth({ ...EMPTY_DRAFT, unit: 'in' }, 0, 'near', 3.25);
    expect(inches.rows[0]!.nearMm).toBeCloseTo(82.55, 9);
  });

  it('halves a width taken across onto both sides', () => {
    expect(withWidth({ ...EMPTY_DRAFT, across: true }, 0, 'across', 160).rows[0]).toMatchObject({ nearMm: 80, offMm: 80 });
  });

  it('both width gauges are three depths, the middle one shared', () => {
    expect(withGaugeDepths(EMPTY_DRAFT).rows.map((r) => r.depthMm)).toEqual([40, 80, 140]);
  });

  it('a sensor’s reading is kept as bends, and without one there is none', () => {
    const bends = { pitchMm: 20, bendsDeg: Array.from({ length: 17 }, () => -6), centreJoint: 8, tiltDeg: 0 };
    const draft = { ...EMPTY_DRAFT, way: 'sensor' as const };
    expect(readingOf(draft, null)).toBeNull();
    expect(readingOf(draft, bends)).toEqual({ kind: 'bends', ...bends });
    expect(draftSection(draft, bends).ok).toBe(true);
  });

  it('reads as a section once whole', () => {
    expect(draftSection(filled()).ok).toBe(true);
    expect(readingOf(filled())).toEqual({
      kind: 'widths',
      widths: [
        { depthMm: 60, nearMm: 78, offMm: 79 },
        { depthMm: 120, nearMm: 140, offMm: 141 },
      ],
    });
  });

  it('the next take has the same depths and no widths', () => {
    const next = nextDraft(withDepth(withRowAdded(filled()), 2, 160));
    expect(next.rows.map((r) => [r.depthMm, r.nearMm])).toEqual([
      [60, null],
      [120, null],
      [160, null],
    ]);
  });

  it('undo takes points back one step at a time and never further than the first', () => {
    const one = withPoints(EMPTY_DRAFT, [{ yMm: 0, zMm: 0 }]);
    const two = withPoints(one, [...one.points, { yMm: 5, zMm: -5 }]);
    expect(undonePoints(two).points).toEqual(one.points);
    expect(undonePoints(undonePoints(undonePoints(two))).points).toEqual([]);
  });
});
