import { barrelTyped, readBarrel } from '../barrel-draft';

const tape = { ...barrelTyped(null), circumferenceMm: 1890, breadthMm: 500, widestBelowMm: 330 };
const round = (n: number) =>
  Array.from({ length: n }, (_, i) => {
    const turn = (Math.PI * (i + 0.5)) / n;
    return { belowMm: 300 - 300 * Math.cos(turn), outMm: 300 * Math.sin(turn) };
  });

describe('a barrel as it is measured', () => {
  it('waits for all three of round, breadth and height', () => {
    expect(readBarrel(barrelTyped(null))).toBeNull();
    expect(readBarrel({ ...tape, widestBelowMm: null })).toBeNull();
    expect(readBarrel(tape)!.made).toMatchObject({ ok: true, value: { assumed: true, exponent: 2 } });
  });

  it('with the depth has a shape of its own', () => {
    const made = readBarrel({ ...tape, depthMm: 690 })!.made;
    expect(made).toMatchObject({ ok: true, value: { assumed: false } });
    expect(readBarrel({ ...tape, depthMm: 300 })!.made.ok).toBe(false);
  });

  it('of a traced half circle is round', () => {
    const read = readBarrel({ ...barrelTyped(null), way: 'tracing', places: round(24) })!;
    expect(read.made.ok).toBe(true);
    expect(read.body.breadthMm).toBeCloseTo(600, -1);
    expect(read.body.circumferenceMm / (2 * Math.PI * 300)).toBeCloseTo(1, 1);
    expect(barrelTyped(read.body)).toMatchObject({ way: 'tracing', places: round(24) });
  });

  it('traced at no place is none', () => expect(readBarrel({ ...barrelTyped(null), way: 'tracing' })).toBeNull());
});
