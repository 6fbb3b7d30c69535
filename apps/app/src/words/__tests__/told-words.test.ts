import { type ToldMeasures } from '@fulcra/core';
import { toldWords } from '../told-words';

const told = (value: number, half: number) => ({ value, half });
const MEASURES: ToldMeasures = {
  includedAngleDeg: told(91.26, 1.84),
  totalSpanMm: told(240, 3),
  widthsMm: [told(140, 3), null],
  near: [told(70.4, 2.12), null],
  off: [told(72, 2), told(131, 3)],
  offMinusNear: { angleDeg: told(2, 1.9), halfWidthsMm: [null, null] },
};

describe('a section’s measures with how far they may be off', () => {
  it('are told to the digit that is known, and only where both sides reach', () => {
    expect(toldWords(MEASURES)).toEqual([
      'The horse’s included angle is 91.3°, within 1.8°.',
      '60 mm down: near 70 mm ± 2.1 mm, off 72 mm ± 2.0 mm.',
      'The off side is flatter by 2.0°, within 1.9°.',
    ]);
  });

  it.each([
    [2, 2, 'Both sides are alike within 2.0°.'],
    [-2, 1.99, 'The near side is flatter by 2.0°, within 2.0°.'],
    [0, 1, 'Both sides are alike within 1.0°.'],
  ])('a difference of %d° within %d°: %s', (value, half, wanted) =>
    expect(toldWords({ ...MEASURES, offMinusNear: { angleDeg: told(value, half), halfWidthsMm: [] } }).at(-1)).toBe(wanted),
  );
});
