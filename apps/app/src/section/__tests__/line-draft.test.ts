import { heightAtMm } from '@fulcra/core';
import { DEMO_ANIMALS, toplineHeightMm } from '@fulcra/demo';
import { draftLine, emptyLine, lineReadingOf, nextLine, undoneLine, withDrop, withLinePoints } from '../line-draft';

const filled = () => [0, 1, 2, 3].reduce((d, i) => withDrop(d, i, { dropMm: 10 + i }), emptyLine('topline'));

/** A whole topline comes back within this from its few drops, mm; nine places, closer over the withers, reach 4.2. */
const WITHIN_MM = 5;

describe('the few places of the topline', () => {
  it.each(DEMO_ANIMALS.map((a) => [a.horse.name, a.back] as const))('tell the back of %s', (_, build) => {
    const heights = emptyLine('topline').drops.map((d) => toplineHeightMm(build, d.xMm));
    const edge = Math.max(...heights) + 20;
    const draft = heights.reduce((d, z, i) => withDrop(d, i, { dropMm: edge - z }), emptyLine('topline'));
    const line = draftLine(draft, null);
    if (!line.ok) throw new Error('no line');
    const off = (x: number): number => heightAtMm(line.value, x) - toplineHeightMm(build, x);
    for (let x = -100; x <= 600; x += 10) expect(Math.abs(off(x) - off(0))).toBeLessThan(WITHIN_MM);
  });
});

describe('a line being entered', () => {
  it('reads drops that were read, and leaves the others out', () => {
    expect(lineReadingOf(emptyLine('topline'), null)).toBeNull();
    expect(lineReadingOf(filled(), null)).toMatchObject({ kind: 'drops', drops: [{ xMm: -100, dropMm: 10 }, {}, {}, {}] });
    expect(draftLine(filled(), null)).toMatchObject({ ok: true });
  });

  it('two drops are too few, and say so', () => {
    const two = withDrop(withDrop(emptyLine('topline'), 0, { dropMm: 1 }), 1, { dropMm: 1 });
    expect(draftLine(two, null)).toMatchObject({ ok: false, problems: [{ code: 'LINE_TOO_FEW_POINTS' }] });
  });

  it('points are distances along and heights', () => {
    const draft = { ...withLinePoints(emptyLine('withers'), [{ yMm: -20, zMm: 5 }]), way: 'points' as const };
    expect(lineReadingOf(draft, null)).toEqual({ kind: 'line', line: [{ xMm: -20, zMm: 5 }] });
    expect(undoneLine(draft).points).toEqual([]);
  });

  it('the next take has the same places and no drops', () => {
    expect(nextLine(filled()).drops.map((d) => d.xMm)).toEqual(emptyLine('topline').drops.map((d) => d.xMm));
    expect(lineReadingOf(nextLine(filled()), null)).toBeNull();
  });

  it('a device’s reading is kept as it came', () => {
    const bends = { pitchMm: 20, bendsDeg: [0, 1, 2, 1, 0, 1], centreJoint: 2, tiltDeg: 0 };
    expect(lineReadingOf({ ...emptyLine('topline'), way: 'sensor' }, bends)).toEqual({ kind: 'bends', ...bends });
    expect(lineReadingOf({ ...emptyLine('topline'), way: 'sensor' }, null)).toBeNull();
  });
});
