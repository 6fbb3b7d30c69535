import { frontCoverage, peakCoverage } from '../coverage';

/** A small share of `npm run coverage-of-errors`; bounds are as wide as so few draws ask for (three standard errors of 90 %). */
describe('what is told as nine in ten, on backs and hands of its own', () => {
  it('the room a front will leave, for a saddle of the stock and for the one at hand', () => {
    const { stock, saddle, byDefault } = frontCoverage(4, 7000);
    expect(stock.asked + byDefault).toBeGreaterThan(10);
    expect(saddle.asked).toBeGreaterThan(10);
    for (const { inside, asked } of [stock, saddle]) expect(inside / asked).toBeGreaterThan(0.9 - 3 * Math.sqrt(0.09 / asked));
  }, 120_000);

  it('the peak of a saddle over that of an exact fit', () => {
    const { asked, inside } = peakCoverage(16, 300);
    expect(asked).toBeGreaterThan(8);
    expect(inside / asked).toBeGreaterThan(0.9 - 3 * Math.sqrt(0.09 / asked));
  }, 120_000);
});
