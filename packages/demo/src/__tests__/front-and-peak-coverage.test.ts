import { type Cluster, clusteredShare, frontCoverage, peakCoverage } from '../coverage';

/** A small share of `npm run coverage-of-errors`; bounds are as wide as so few draws ask for (three standard errors of 90 %). */
describe('what is told as nine in ten, on backs and hands of its own', () => {
  it('the room a front will leave, for a saddle of the stock and for the one at hand', () => {
    const { stock, saddle, byDefault } = frontCoverage(4, 7000);
    const sum = (of: typeof stock, key: keyof Cluster): number => of.reduce((s, c) => s + c[key], 0);
    expect(sum(stock, 'asked') + byDefault).toBeGreaterThan(10);
    expect(sum(saddle, 'asked')).toBeGreaterThan(10);
    for (const told of [stock, saddle]) {
      const asked = sum(told, 'asked');
      expect(sum(told, 'inside') / asked).toBeGreaterThan(0.9 - 3 * Math.sqrt(0.09 / asked));
    }
  }, 120_000);

  it('the peak of a saddle over that of an exact fit', () => {
    const { asked, inside } = peakCoverage(16, 300);
    expect(asked).toBeGreaterThan(8);
    expect(inside / asked).toBeGreaterThan(0.9 - 3 * Math.sqrt(0.09 / asked));
  }, 120_000);
});

describe('a share with its interval, of answers that come in clusters', () => {
  const of = (size: number, hits: readonly number[]): Cluster[] => hits.map((h) => ({ inside: h * size, asked: size }));
  const hits = Array.from({ length: 50 }, (_, i) => (i % 10 === 0 ? 0 : 1));

  it('one answer each: as of independent draws, sqrt(p (1 - p) / (n - 1))', () => {
    const { share, half } = clusteredShare(of(1, hits));
    expect(share).toBeCloseTo(0.9, 12);
    expect(half).toBeCloseTo(1.96 * Math.sqrt(0.09 / 49), 12);
  });

  it('five that always agree say no more than one; clusters that all agree on a share have no spread', () => {
    expect(clusteredShare(of(5, hits)).half).toBeCloseTo(clusteredShare(of(1, hits)).half, 12);
    expect(clusteredShare(Array.from({ length: 20 }, () => ({ inside: 9, asked: 10 })))).toEqual({ share: 0.9, half: 0 });
  });

  it('one horse tells no spread; a horse that was asked nothing counts for nothing', () => {
    expect(clusteredShare([{ inside: 4, asked: 5 }]).half).toBe(Infinity);
    expect(clusteredShare([...of(1, hits), { inside: 0, asked: 0 }])).toEqual(clusteredShare(of(1, hits)));
  });
});
