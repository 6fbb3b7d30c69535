import { seededRandom, normal } from '../../random';
import { mixtureQuantile, normalShareBelow } from '../mixture';

describe('the share of a normal distribution below', () => {
  it.each([
    [0, 0.5],
    [1, 0.841344746],
    [-1, 0.158655254],
    [1.645, 0.95001509],
    [-3, 0.001349898],
  ])('%d standard deviations is %d', (sds, share) => expect(normalShareBelow(sds)).toBeCloseTo(share, 6));
});

describe('quantiles of values that are each off by a normal error', () => {
  it('of one value are those of the normal', () => {
    expect(mixtureQuantile([40], 2, 0.95)).toBeCloseTo(40 + 2 * 1.6449, 3);
    expect(mixtureQuantile([40], 2, 0.05)).toBeCloseTo(40 - 2 * 1.6449, 3);
  });

  it('of two far apart lie one at each', () => {
    const [low, high] = [mixtureQuantile([0, 100], 1, 0.05), mixtureQuantile([0, 100], 1, 0.95)];
    // a tenth of the one below it
    expect(low).toBeCloseTo(-1.2816, 3);
    expect(high).toBeCloseTo(101.2816, 3);
  });

  it('hold nine in ten of what is drawn so', () => {
    const values = [3, 8, 9, 20, 27];
    const [low, high] = [mixtureQuantile(values, 4, 0.05), mixtureQuantile(values, 4, 0.95)];
    const random = seededRandom(5);
    let inside = 0;
    for (let i = 0; i < 20_000; i++) {
      const drawn = values[Math.floor(random() * values.length)]! + 4 * normal(random);
      if (drawn >= low && drawn <= high) inside++;
    }
    expect(inside / 20_000).toBeGreaterThan(0.89);
    expect(inside / 20_000).toBeLessThan(0.91);
  });

  it('without an error are at the values themselves', () => expect(mixtureQuantile([5, 6], 0, 0.95)).toBeCloseTo(6, 3));
});
