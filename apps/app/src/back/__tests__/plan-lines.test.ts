import { backSurface, sectionFromWidths } from '@fulcra/core';
import { halfWidthOfRow, planLines } from '../plan-lines';

/** Flanks of slope 1 on the near side and 1.2 on the off. */
const section = () => {
  const outcome = sectionFromWidths([40, 80, 150].map((depthMm) => ({ depthMm, nearMm: depthMm, offMm: 1.2 * depthMm })));
  if (!outcome.ok) throw new Error('no section');
  return outcome.value;
};
const surface = () => {
  const outcome = backSurface({ stations: [50, 130, 400].map((xMm) => ({ xMm, section: section() })), topline: null });
  if (!outcome.ok) throw new Error('no surface');
  return outcome.value;
};

describe('lines of equal depth', () => {
  it('stand as far from the spine as the back is wide there', () => {
    const { ribbons } = surface();
    expect(halfWidthOfRow(ribbons.near, 10, 100)!).toBeCloseTo(100, 0);
    expect(halfWidthOfRow(ribbons.off, 10, 100)!).toBeCloseTo(120, 0);
    expect(halfWidthOfRow(ribbons.off, 10, 600)).toBeNull();
  });

  it('near lies below zero, and sparse pieces are told apart', () => {
    const lines = planLines(surface(), [60]);
    expect(lines.map((l) => l.side)).toEqual(['near', 'off']);
    expect(lines[0]!.pieces.every((p) => p.points.every((q) => q.yMm < 0))).toBe(true);
    expect(lines[0]!.pieces.map((p) => p.sparse)).toEqual([true, false, true, false, true]);
  });
});
