import { SDS_OF_90, studentSdsOf90 } from '../student';

/** Two-sided 90 % points from the printed table. */
const TABLE = [
  [4, 2.1318],
  [6, 1.9432],
  [7, 1.8946],
  [8, 1.8595],
  [10, 1.8125],
  [16, 1.7459],
  [30, 1.6973],
  [120, 1.6577],
] as const;

describe('Student’s nine in ten', () => {
  it.each(TABLE)('with %d degrees of freedom is %d', (dof, wanted) => expect(Math.abs(studentSdsOf90(dof) - wanted)).toBeLessThan(1e-3));
  it('with a spread that is known is the normal one', () => expect(studentSdsOf90(Infinity)).toBeCloseTo(SDS_OF_90, 3));
});
