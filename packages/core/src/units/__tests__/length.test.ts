import { MM_PER_FINGER, fingersFromMm, fromMm, handsFromMm, mmFromHands, toMm } from '..';

describe('lengths', () => {
  it.each(['mm', 'cm', 'in'] as const)('%s there and back', (unit) => {
    expect(fromMm(toMm(12.34, unit), unit)).toBeCloseTo(12.34, 12);
  });

  it.each([
    [16.3, 1701.8],
    [15, 1524],
    [12.2, 1270],
  ])('%d hands are %d mm', (hands, mm) => {
    expect(mmFromHands(hands)).toBeCloseTo(mm, 6);
    expect(Number(handsFromMm(mm))).toBe(hands);
  });

  it.each([15.4, 15.35, 14.9])('%d hands is not a height', (hands) => {
    expect(mmFromHands(hands)).toBeNull();
  });

  it('counts fingers by halves', () => {
    expect([36, 47, 54].map((mm) => fingersFromMm(mm, MM_PER_FINGER))).toEqual([2, 2.5, 3]);
    expect(fingersFromMm(48, 16)).toBe(3);
  });
});
