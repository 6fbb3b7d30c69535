import {
  emptyDraft,
  draftSection,
  isEmpty,
  isWhole,
  nextDraft,
  readingOf,
  undonePoints,
  inOtherUnit,
  withDepth,
  withPoints,
  withGaugeDepths,
  withRowAdded,
  withWidth,
} from '../draft-take';
import { unitSlip } from '@fulcra/core';
import { widthCells, withTyped } from '../width-cells';

const EMPTY_DRAFT = emptyDraft('front', null);

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
    const inches = withTyped(EMPTY_DRAFT, '0 near', 3.25, 'in');
    expect(inches.rows[0]!.nearMm).toBeCloseTo(82.55, 9);
    expect(widthCells(withTyped(EMPTY_DRAFT, '0 near', 82.5, 'mm'), 'mm')[1]!.value).toBe(82.5);
    expect(widthCells(inches, 'in').map((c) => [c.id, c.value, c.unit])).toEqual([
      ['0 depth', 3.15, 'in'],
      ['0 near', 3.25, 'in'],
      ['0 off', null, 'in'],
      ['1 depth', 5.51, 'in'],
      ['1 near', null, 'in'],
      ['1 off', null, 'in'],
    ]);
    expect(withTyped(inches, '0 near', null, 'in').rows[0]!.nearMm).toBeNull();
    expect(withTyped(inches, '0 depth', null, 'in')).toBe(inches);
    expect(withTyped(inches, '1 depth', 6, 'in').rows[1]!.depthMm).toBeCloseTo(152.4, 9);
  });

  it('across both sides there is one number a depth', () => {
    const across = withTyped({ ...EMPTY_DRAFT, across: true }, '0 across', 160, 'mm');
    expect(across.rows[0]).toMatchObject({ nearMm: 80, offMm: 80 });
    expect(widthCells(across, 'mm').map((c) => c.id)).toEqual(['0 depth', '0 across', '1 depth', '1 across']);
    expect(withTyped(across, '0 across', null, 'mm').rows[0]).toMatchObject({ nearMm: null, offMm: null });
  });

  it('typed in another unit, all of it is put right at once', () => {
    const typed = [3, 3.1, 5, 5.2].reduce((d, v, i) => withTyped(d, ['0 near', '0 off', '1 near', '1 off'][i]!, v, 'mm'), EMPTY_DRAFT);
    const slip = unitSlip('front', typed.rows as never, 'mm')!;
    expect(slip.meant).toBe('in');
    expect(inOtherUnit(typed, slip).rows.map((r) => [r.nearMm, r.offMm])).toEqual([
      [3 * 25.4, 3.1 * 25.4],
      [5 * 25.4, 5.2 * 25.4],
    ]);
    expect(inOtherUnit(EMPTY_DRAFT, slip)).toEqual(EMPTY_DRAFT);
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
        { depthMm: 80, nearMm: 78, offMm: 79 },
        { depthMm: 140, nearMm: 140, offMm: 141 },
      ],
    });
  });

  it('the next take has the same depths and no widths', () => {
    const next = nextDraft(withDepth(withRowAdded(filled()), 2, 160));
    expect(next.rows.map((r) => [r.depthMm, r.nearMm])).toEqual([
      [80, null],
      [140, null],
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
